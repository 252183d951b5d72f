<svg width="0" height="0" class="sprite" aria-hidden="true"><defs>
<pattern id="hatch" width="4" height="4" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><rect width="4" height="4" class="fill-open"/><rect width="1.1" height="4" class="fill-hedge"/></pattern>
<pattern id="hatchL" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><rect width="9" height="9" class="fill-open"/><rect width="1.5" height="9" class="fill-hedge"/></pattern>
<pattern id="unk" width="7" height="7" patternUnits="userSpaceOnUse"><rect width="7" height="7" class="fill-blank"/><path d="M3.500 2v3M2 3.500h3" class="gs" stroke-width=".7"/></pattern>
<pattern id="stip" width="3" height="3" patternUnits="userSpaceOnUse"><rect width="3" height="3" class="fill-blank"/><circle cx=".8" cy=".8" r=".62" class="fill-ink"/><circle cx="2.3" cy="2.3" r=".62" class="fill-ink"/></pattern>
<pattern id="stipL" width="8" height="8" patternUnits="userSpaceOnUse"><rect width="8" height="8" class="fill-blank"/><circle cx="2" cy="2" r="1.3" class="fill-ink"/><circle cx="6" cy="6" r="1.3" class="fill-ink"/></pattern>
<pattern id="pol" width="5" height="5" patternUnits="userSpaceOnUse"><rect width="5" height="5" class="fill-blank"/><path d="M1 2.5h3" class="stroke-ink stroke-[1.2]"/></pattern>
<pattern id="soil" width="7" height="6" patternUnits="userSpaceOnUse"><path d="M6 0L1 6" class="stroke-edge stroke-[0.8] fill-none"/></pattern>
<linearGradient id="amber"><stop offset="0" class="pf0"/><stop offset=".35" class="pf1"/><stop offset=".7" class="pf2"/><stop offset="1" class="pf3"/></linearGradient>
<symbol id="pfund" viewBox="0 0 280 20"><rect y="4" width="280" height="12" fill="url(#amber)"/></symbol>
<symbol id="v-take" viewBox="0 0 16 16"><path d="M8 9.4V1.6M4.7 4.8L8 1.5l3.3 3.3" class="gs"/><path d="M1.5 11.2h13v3.6h-13z" class="gf"/></symbol>
<symbol id="v-dry" viewBox="0 0 16 16"><path d="M8 7.2V1.2M5 4L8 1l3 3" class="gs"/><path d="M2 8.6h12v2.4H2z" class="gf"/><path d="M1 14.3c1.2-1.7 2.3-1.7 3.5 0s2.3 1.7 3.5 0 2.3-1.7 3.5 0 2.3 1.7 3.5 0" class="gs" stroke-width="1.3"/></symbol>
<symbol id="v-wait" viewBox="0 0 16 16"><circle cx="8" cy="8" r="6" class="gs"/><path d="M2 8a6 6 0 0 0 12 0z" class="gf"/></symbol>
<symbol id="v-rearrange" viewBox="0 0 16 16"><path d="M.8 8h5M3.6 5l3 3-3 3M15.2 8h-5M12.4 5l-3 3 3 3M8 2v12" class="gs" stroke-width="1.5"/></symbol>
<symbol id="v-leave" viewBox="0 0 16 16"><path d="M2.5 13.8h11M8 13.8V3.2" class="gs"/><path d="M8 6.4c0-2.4 1.6-3.6 4-3.8 0 2.5-1.6 3.8-4 3.8z" class="gf"/></symbol>
<symbol id="v-read-water" viewBox="0 0 16 16"><circle cx="8" cy="8" r="6.6" class="gs" stroke-width="1.4"/><path d="M8 3.700c2 2.600 2.900 4 2.900 5.300a2.900 2.900 0 0 1-5.800 0c0-1.300.9-2.700 2.900-5.300z" class="gs" stroke-width="1.300"/></symbol>
<symbol id="v-look" viewBox="0 0 16 16"><circle cx="8" cy="8" r="6.6" class="gs" stroke-width="1.4"/><path d="M4.900 5h6.200M6.300 5v6.400h3.400V5" class="gs" stroke-width="1.300"/></symbol>
<symbol id="v-board" viewBox="0 0 16 16"><path d="M1 6v4h14V6" class="gs"/><path d="M6 10l2 3.4L10 10" class="gs" stroke-width="1.4"/></symbol>
<symbol id="v-fume" viewBox="0 0 16 16"><path d="M1 5h14v2.4H1z" class="gf"/><path d="M4 9.5c1.4 1 -1 2.4 .3 4.5M8 9.5c1.4 1 -1 2.4 .3 4.5M12 9.5c1.4 1 -1 2.4 .3 4.5" class="gs" stroke-width="1.2"/></symbol>
<symbol id="v-brush" viewBox="0 0 16 16"><path d="M1 5h9.5" class="gs"/><path d="M10.5 3.4H15v3.2h-4.5zM4 6.5V13M6 6.5V13M8 6.5V13M2 6.5V13" class="gs" stroke-width="1.1"/></symbol>
<symbol id="v-frame" viewBox="0 0 16 16"><path d="M1 3.5h14M3 3.5V14h10V3.5M6.300 6v6M9.700 6v6" class="gs" stroke-width="1.400"/></symbol>
<symbol id="v-cold" viewBox="0 0 16 16"><path d="M8 1v14M2 4.500l12 7M14 4.500l-12 7" class="gs" stroke-width="1.400"/></symbol>
<symbol id="v-blow" viewBox="0 0 16 16"><path d="M1 4h4l2 1.4v5.2L5 12H1zM9 5.5h3M9 8h6M9 10.5h4" class="gs" stroke-width="1.4"/></symbol>
<symbol id="v-feed" viewBox="0 0 16 16"><path d="M3 2h10v5.5L9.2 11.5H6.8L3 7.5z" class="gs" stroke-width="1.4"/><path d="M8 13v2.4" class="gs"/></symbol>
<symbol id="v-breed" viewBox="0 0 16 16"><circle cx="8" cy="3.200" r="2.200" class="gf"/><path d="M8 4v5M8 8.500L3.200 13M8 8.500l4.800 4.500M8 8.500V13" class="gs" stroke-width="1.400"/><path d="M1.600 14.800h3.200M6.400 14.800h3.200M11.200 14.800h3.200" class="gs"/></symbol>
<symbol id="v-repl" viewBox="0 0 16 16"><circle cx="8" cy="8" r="3.200" class="gs" stroke-width="1.500"/><path d="M2 14L14 2" class="gs" stroke-width="1.600"/></symbol>
<symbol id="v-keep" viewBox="0 0 16 16"><circle cx="8" cy="8" r="2.400" class="gf"/><path d="M2.500 13.500h11" class="gs"/></symbol>
<symbol id="w-sun" viewBox="0 0 16 16"><circle cx="8" cy="8" r="3.2" class="ws"/><path d="M8 1v2M8 13v2M1 8h2M13 8h2M3.2 3.2l1.2 1.2M11.6 11.6l1.2 1.2M3.2 12.8l1.2-1.2M11.6 4.4l1.2-1.2" class="ws"/></symbol>
<symbol id="w-cloud" viewBox="0 0 16 16"><path d="M2 10.5h12M4 7.5h8M5.5 4.5h5" class="ws" stroke-width="1.6"/></symbol>
<symbol id="w-half" viewBox="0 0 16 16"><path d="M4.8 8A3.2 3.2 0 0 1 11.2 8M8 1.5v2M2.6 4l1.4 1.3M13.4 4L12 5.3" class="ws"/><path d="M2 10.2h12M4 13h8" class="ws" stroke-width="1.6"/></symbol>
<symbol id="w-rain" viewBox="0 0 16 16"><path d="M2 4h12" class="ws" stroke-width="1.6"/><path d="M4.5 7l-1 3M8.5 7l-1 3M12.5 7l-1 3M6.5 11.5l-1 3M10.5 11.5l-1 3" class="ws"/></symbol>
<symbol id="sprig" viewBox="0 0 24 28"><path d="M12 27V5" class="gs" stroke-width="1.5"/><path d="M12 22c-4.6 0-7.4-1.8-8-5 4.800 0 7.600 1.600 8 5zM12 22c4.600 0 7.400-1.800 8-5-4.800 0-7.600 1.600-8 5zM12 14.500c-3.600 0-5.900-1.500-6.400-4.300 3.800 0 6.100 1.300 6.400 4.300zM12 14.500c3.600 0 5.900-1.500 6.400-4.300-3.800 0-6.100 1.300-6.400 4.300z" class="gf"/><circle cx="12" cy="3.600" r="1.700" class="gf"/><circle cx="8.800" cy="6" r="1.300" class="gf"/><circle cx="15.200" cy="6" r="1.300" class="gf"/></symbol>
<pattern id="sunhatch" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><rect width="5" height="5" fill="#fff"/><rect width="1.7" height="5" fill="#000"/></pattern>
<pattern id="sunpre" width="4" height="4" patternUnits="userSpaceOnUse"><rect width="4" height="4" fill="#fff"/><rect width="4" height="1.3" fill="#000"/></pattern>
<symbol id="v-weigh" viewBox="0 0 16 16"><path d="M3 3h10M8 3v3M4 14l1.2-6h5.6L12 14z" class="gs" stroke-width="1.5"/></symbol>
</defs></svg>
