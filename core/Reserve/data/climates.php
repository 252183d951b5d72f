<?php

declare(strict_types=1);

/*
 * Monthly mean temperatures (C), January to December, of named climates where bees are kept, with the standard
 * deviation of a month's mean from year to year. All from memory of climatological normals of towns in each zone,
 * rounded to half a degree or so: a start, to be replaced by the numbers of the nearest station.
 */
return [
    'oceanic-mild' => ['mild oceanic (south-west coasts of Ireland, Cornwall, Brittany)', [7.0, 6.8, 7.8, 9.2, 11.8, 14.4, 16.3, 16.4, 14.8, 12.2, 9.5, 7.8], 1.3],
    'oceanic' => ['oceanic (lowland England, Low Countries)', [4.8, 4.9, 6.7, 9.0, 12.2, 15.2, 17.4, 17.1, 14.6, 11.2, 7.6, 5.2], 1.6],
    'oceanic-cool' => ['cool oceanic (Scottish lowlands, western Norway)', [4.0, 4.2, 5.8, 7.9, 10.7, 13.4, 15.2, 15.0, 12.8, 9.6, 6.3, 4.2], 1.6],
    'atlantic-iberian' => ['Atlantic Iberian (Galicia, Basque coast)', [9.5, 10.2, 12.0, 13.2, 15.5, 18.5, 20.5, 20.7, 19.2, 16.0, 12.5, 10.3], 1.2],
    'baltic-south' => ['southern Baltic (Denmark, southern Sweden)', [0.5, 0.5, 2.5, 7.0, 12.0, 15.5, 17.5, 17.0, 13.5, 9.0, 5.0, 2.0], 2.0],
    'baltic-inland' => ['Baltic inland (central Sweden, Estonia, Latvia)', [-3.0, -3.0, 0.5, 5.5, 11.5, 15.5, 17.8, 16.5, 11.8, 6.5, 1.8, -1.5], 2.5],
    'boreal' => ['boreal (northern Sweden, Finland)', [-9.0, -8.5, -3.5, 2.5, 9.0, 14.5, 16.8, 14.5, 9.0, 3.0, -2.5, -6.5], 3.0],
    'central-lowland' => ['central European lowland (northern Germany, Poland)', [0.5, 1.5, 5.0, 10.0, 14.8, 18.0, 20.0, 19.5, 15.0, 10.0, 5.0, 1.8], 2.2],
    'alpine-foreland' => ['alpine foreland (Bavaria, Swiss plateau, Upper Austria)', [-0.5, 0.5, 4.5, 9.0, 13.5, 17.0, 18.8, 18.3, 14.0, 9.3, 4.0, 0.5], 2.0],
    'pannonian' => ['Pannonian (Hungary, Vojvodina)', [0.0, 2.0, 6.5, 12.0, 17.0, 20.5, 22.3, 21.8, 17.0, 11.5, 5.8, 1.0], 2.2],
    'eastern-continental' => ['eastern European continental (Ukraine, central Russia)', [-6.0, -5.5, 0.0, 9.0, 15.5, 19.0, 21.0, 20.0, 14.2, 7.5, 1.0, -3.5], 2.8],
    'mediterranean' => ['Mediterranean (southern Italy, Greece, Andalusia)', [9.5, 10.0, 12.0, 14.5, 18.5, 22.8, 25.5, 25.5, 22.0, 18.0, 13.5, 10.5], 1.3],
    'mediterranean-inland' => ['inland Mediterranean (Po plain, Castile)', [3.0, 5.0, 9.5, 13.0, 18.0, 22.0, 24.5, 24.0, 19.5, 14.0, 8.0, 4.0], 1.6],
    'cold-continental' => ['cold continental (north-eastern United States, southern Quebec)', [-4.5, -3.5, 0.8, 7.5, 13.8, 18.8, 21.2, 20.3, 16.2, 10.0, 4.5, -1.2], 2.3],
    'upper-midwest' => ['very cold continental (upper Midwest)', [-10.5, -8.0, -1.0, 7.5, 14.5, 20.0, 22.5, 21.0, 16.5, 9.0, 1.0, -7.0], 3.0],
    'prairie' => ['prairie (Manitoba, Saskatchewan, Alberta)', [-14.0, -11.5, -5.0, 4.5, 11.5, 16.5, 19.0, 18.0, 12.5, 5.0, -4.5, -12.0], 3.5],
    'mid-atlantic' => ['mid-Atlantic (Maryland, Virginia)', [1.0, 2.5, 7.0, 13.0, 18.0, 23.0, 25.5, 24.5, 20.5, 14.5, 9.0, 3.5], 2.0],
    'humid-subtropical' => ['humid subtropical (Georgia, Carolinas)', [7.0, 9.0, 13.0, 17.0, 21.5, 25.5, 27.0, 26.5, 24.0, 18.0, 13.0, 8.5], 1.8],
    'pacific-north-west' => ['Pacific north-west (Puget Sound, lower British Columbia)', [4.8, 6.0, 8.0, 10.3, 13.8, 16.5, 19.2, 19.2, 16.5, 11.8, 7.5, 4.8], 1.5],
    'southern-temperate' => ['southern temperate (Victoria)', [20.0, 20.0, 18.0, 15.0, 11.8, 9.3, 8.7, 9.7, 11.8, 14.0, 16.2, 18.3], 1.2],
    'southern-cool' => ['southern cool (South Island of New Zealand, Tasmania)', [17.0, 16.7, 15.0, 12.3, 9.3, 6.7, 6.0, 7.3, 9.5, 11.5, 13.3, 15.7], 1.2],
];
