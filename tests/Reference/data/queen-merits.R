# Makes the answers of queen-merits.json and queen-pedigree.json again.
#   Rscript tests/Reference/data/queen-merits.R
# Without mothers by lme4 (Debian: r-cran-lme4, r-cran-jsonlite); with mothers, which lme4 does not know, by a dense
# restricted likelihood: V = Z A Z' su2 + I se2, its profile in the ratio alone, and Henderson's equations in full.
library(jsonlite)
suppressMessages(library(lme4))

here <- "tests/Reference/data/"
frame <- function(records) {
  records$group <- factor(paste(records$season, records$apiary))
  records$queen <- as.character(records$queen)
  records
}
covariates <- function(records) {
  X <- model.matrix(~ 0 + group, records)
  for (name in c("swarmed", "split")) {
    more <- cbind(X, records[[name]])
    if (qr(more)$rank == ncol(more)) { colnames(more)[ncol(more)] <- name; X <- more }
  }
  X
}
plain <- function(records) {
  X <- covariates(records)
  fit <- suppressMessages(lmer(kg ~ 0 + X + (1 | queen), records, REML = TRUE,
    control = lmerControl(optimizer = "bobyqa", optCtrl = list(rhoend = 1e-10))))
  v <- as.data.frame(VarCorr(fit))$vcov
  c(su2 = v[1], se2 = v[2], reml_criterion = as.numeric(REMLcrit(fit)))
}
relationship <- function(queens, mothers) {
  A <- diag(length(queens)); dimnames(A) <- list(queens, queens)
  done <- character(0)
  while (length(done) < length(queens)) {
    for (q in setdiff(queens, done)) {
      m <- mothers[[q]]
      if (is.null(m) || m %in% done) {
        if (!is.null(m) && length(done) > 0) A[q, done] <- A[done, q] <- A[m, done] / 2
        done <- c(done, q)
      }
    }
  }
  A
}
dense <- function(records, mothers) {
  queens <- unique(c(names(mothers), unlist(mothers), records$queen))
  A <- relationship(queens, mothers)
  X <- covariates(records); y <- records$kg
  Z <- outer(records$queen, queens, "==") * 1
  n <- length(y); p <- ncol(X)
  at <- function(log_ratio) {
    V <- Z %*% A %*% t(Z) / exp(log_ratio) + diag(n)
    U <- chol(V); VX <- backsolve(U, X, transpose = TRUE); Vy <- backsolve(U, y, transpose = TRUE)
    fit <- qr(VX); rss <- sum(qr.resid(fit, Vy)^2)
    (n - p) * (1 + log(2 * pi * rss / (n - p))) + 2 * sum(log(diag(U))) + 2 * sum(log(abs(diag(qr.R(fit)))))
  }
  best <- optimize(at, c(-6, 8), tol = 1e-10)
  ratio <- exp(best$minimum)
  C <- rbind(cbind(crossprod(X), crossprod(X, Z)), cbind(crossprod(Z, X), crossprod(Z) + ratio * solve(A)))
  inverse <- solve(C); found <- inverse %*% c(crossprod(X, y), crossprod(Z, y))
  se2 <- (sum(y^2) - sum(found * c(crossprod(X, y), crossprod(Z, y)))) / (n - p)
  list(su2 = se2 / ratio, se2 = se2, reml_criterion = best$objective,
    blup_kg = setNames(found[-(1:p)], queens), pev_sd = setNames(sqrt(se2 * diag(inverse)[-(1:p)]), queens))
}
for (file in c("queen-merits.json", "queen-pedigree.json")) {
  for (case in fromJSON(paste0(here, file), simplifyVector = FALSE)) {
    records <- frame(do.call(rbind, lapply(case$input$records, as.data.frame)))
    mothers <- case$input$mothers
    got <- if (is.null(mothers)) as.list(plain(records)) else dense(records, mothers)
    for (name in c("su2", "se2", "reml_criterion")) {
      cat(sprintf("%s %s: %.8f, kept %.8f\n", case$id, name, got[[name]], case$expect[[name]]))
    }
    if (!is.null(mothers)) {
      q <- names(case$expect$blup_kg)
      cat(sprintf("%s merits within %.2g, their sd within %.2g\n", case$id,
        max(abs(got$blup_kg[q] - unlist(case$expect$blup_kg))), max(abs(got$pev_sd[q] - unlist(case$expect$pev_sd)))))
    }
  }
}
