# Values of R's own distributions (R 4.2.2; AS 241, TOMS 708), to 17 digits: Rscript distributions.R > distributions.csv
out <- function(name, a, b, x, y) cat(sprintf("%s,%.17g,%.17g,%.17g,%.17g\n", name, a, b, x, y))
for (z in c(-30, -12, -8, -6, -4, -2.5, -1.96, -1, -0.1, 0.3, 1.2, 2.7, 5, 7.5)) out("pnorm", 0, 0, z, pnorm(z))
for (p in c(1e-12, 1e-9, 1e-6, 1e-4, 0.001, 0.01, 0.02425, 0.05, 0.2, 0.4, 0.5, 0.7, 0.95, 0.99, 0.999, 0.9999))
  out("qnorm", 0, 0, p, qnorm(p))
for (v in c(1, 2, 3, 4, 5, 7.4, 12, 30, 100, 1000)) {
  for (t in c(-40, -6, -2.5, -1, -0.2, 0, 0.7, 2, 4, 15)) out("pt", v, 0, t, pt(t, v))
  for (p in c(0.001, 0.01, 0.025, 0.1, 0.4, 0.5, 0.8, 0.95, 0.975, 0.999)) out("qt", v, 0, p, qt(p, v))
}
for (a in c(0.05, 0.5, 1, 2.5, 8, 40, 300)) for (b in c(0.05, 0.5, 1, 3, 20, 500))
  for (x in c(0.001, 0.05, 0.2, 0.5, 0.75, 0.9, 0.97, 0.999)) out("pbeta", a, b, x, pbeta(x, a, b))
