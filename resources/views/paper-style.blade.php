<style>
  body {
    font-family: paper;
    font-size: 9pt;
  }

  h1 {
    font-family: 'paper head';
    font-weight: normal;
    font-size: 18pt;
    margin: 0 0 6pt;
  }

  h2 {
    font-size: 12pt;
    margin: 10pt 0 3pt;
  }

  table {
    width: 100%;
    border-collapse: collapse;
  }

  th,
  td {
    padding: 2pt 6pt 2pt 0;
    vertical-align: top;
    text-align: left;
    border-bottom: .3pt solid #999;
  }

  .num {
    text-align: right;
  }

  a {
    color: #000;
    text-decoration: none;
  }

  .part {
    page-break-inside: avoid;
  }
</style>
