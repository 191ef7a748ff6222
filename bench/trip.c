/* The year's simulation of core/Trip, written once more in C, to have something to measure it against. One flat array, MPPT, an
   alternator; lead (two wells) or lithium. Input: numbers on standard input, as bench/trip.php writes them. */
#define _GNU_SOURCE
#include <math.h>
#include <stdio.h>
#include <stdlib.h>
#include <time.h>

#define PER_DAY 96
static double rest[1002], dcW[PER_DAY], acW[PER_DAY], idleW[PER_DAY], drives[PER_DAY];
static double clearness[365], minC[365], maxC[365];
static int day_of_year[365], drive_day[365];

static double num(void) { double v; if (scanf("%lf", &v) != 1) exit(3); return v; }
static double clamp(double x, double a, double b) { return x < a ? a : x > b ? b : x; }

static double temperature_factor(int lithium, double c) {
    if (!lithium) return fmax(0.3, 1.0 - 0.008 * fmax(0.0, 25.0 - c));
    if (c >= 25.0) return 1.0;
    if (c >= 0.0) return 0.90 + 0.10 * c / 25.0;
    return fmax(0.4, 0.90 + 0.25 * c / 20.0);
}

static void light(double lat_deg, int doy, double k, double *steps) {
    double lat = lat_deg * M_PI / 180, dec = 0.409 * sin(2 * M_PI * doy / 365 - 1.39), dist = 1 + 0.033 * cos(2 * M_PI * doy / 365);
    double ws = acos(clamp(-tan(lat) * tan(dec), -1, 1));
    for (int i = 0; i < PER_DAY; i++) steps[i] = 0;
    double ra = fmax(0, 24 * 60 / M_PI * 0.0820 * dist * (ws * sin(lat) * sin(dec) + cos(lat) * cos(dec) * sin(ws)));
    double mj = k * ra;
    if (mj <= 0 || ws <= 0) return;
    double h = 24.0 / PER_DAY, rise = 12 - ws * 12 / M_PI, set = 24 - rise, w[PER_DAY], om[PER_DAY], len[PER_DAY], sum = 0;
    int first = (int)floor(rise / h), last = (int)fmin(PER_DAY - 1, floor(set / h));
    double a = 0.409 + 0.5016 * sin(ws - M_PI / 3), b = 0.6609 - 0.4767 * sin(ws - M_PI / 3);
    for (int i = first; i <= last; i++) {
        double from = fmax(rise, i * h), to = fmin(set, (i + 1) * h);
        w[i] = 0;
        if (to > from) { om[i] = ((from + to) / 2 - 12) * M_PI / 12; len[i] = to - from; w[i] = fmax(0, (a + b * cos(om[i])) * (cos(om[i]) - cos(ws))) * len[i]; sum += w[i]; }
    }
    double scale = mj / 3.6 / fmax(1e-12, sum);
    for (int i = first; i <= last; i++) if (w[i] > 0) {
        double hor = w[i] * scale, cz = fmax(0.035, sin(lat) * sin(dec) + cos(lat) * cos(dec) * cos(om[i]));
        double out = 0.0820 * 60 / 3.6 * dist * cz * len[i], kt = fmin(1, hor / out);
        double share = kt <= 0.22 ? 1 - 0.09 * kt : kt <= 0.80 ? 0.9511 - 0.1604 * kt + 4.388 * pow(kt, 2) - 16.638 * pow(kt, 3) + 12.336 * pow(kt, 4) : 0.165;
        double diffuse = hor * share, beam = hor - diffuse, around = fmin(1, beam / out);
        steps[i] = (beam + diffuse * around) + diffuse * (1 - around);
    }
}

int main(void) {
    int lithium = (int)num(), runs = (int)num();
    double full = num(), usable = num(), ohm25 = num(), vabs = num(), in_most = num(), out_most = num(), floor_c = num(), out_floor_c = num();
    double coul = num(), fade_day = num(), growth = num(), accept = num(), mass = num(), c = num(), kk = num();
    double lat = num(), watts = num(), noct = num(), gamma = num(), losses = num(), charge_a = num(), drive_a = num(), eff = num();
    for (int i = 0; i < 1002; i++) rest[i] = num();
    for (int i = 0; i < PER_DAY; i++) { dcW[i] = num(); acW[i] = num(); idleW[i] = num(); drives[i] = num(); }
    for (int d = 0; d < 365; d++) { day_of_year[d] = (int)num(); clearness[d] = num(); minC[d] = num(); maxC[d] = num(); drive_day[d] = (int)num(); }
    double dt = 24.0 / PER_DAY, served = 0, q1 = 0, q2 = 0, best = 1e9;
    double *soc = malloc(sizeof(double) * 365 * PER_DAY * 3);
    for (int run = 0; run < runs; run++) {
        struct timespec t0, t1;
        clock_gettime(CLOCK_MONOTONIC, &t0);
        double e = exp(-kk * dt), a = 1 - e, b = kk * dt - 1 + e, div = a + c * b, fade = fade_day * dt / 24;
        double loss_wk = mass * 1000 / 3600 / 8, warm = 1 - exp(-dt / 8), acceptPerH = 1 / (coul * (accept + dt));
        q1 = c * full; q2 = (1 - c) * full; served = 0;
        double T = (minC[0] + maxC[0]) / 2, volts = rest[1000];
        int blocked = 0, cut = 0, n = 0;
        for (int d = 0; d < 365; d++) {
            double steps[PER_DAY];
            light(lat, day_of_year[d], clearness[d], steps);
            double floor_ah = full * (1 - usable * temperature_factor(lithium, T)), most_w = charge_a * volts;
            for (int k = 0; k < PER_DAY; k++) {
                double hour = (k + 0.5) * dt, mean = (minC[d] + maxC[d]) / 2, out_c = mean - (maxC[d] - minC[d]) / 2 * cos((hour - 4) * M_PI / 12);
                double solar = 0;
                if (steps[k] > 0) { double g = steps[k] * 1000 / dt, tc = out_c + g * (noct - 20) / 800; solar = fmin(most_w, fmax(0, watts * g / 1000 * (1 + gamma * (tc - 25)) * losses)); }
                double q = q1 + q2, x = q / full * 1000; int i = (int)x;
                double rv = rest[i] + (rest[i + 1] - rest[i]) * (x - i), emf = rv;
                if (!lithium) { x = clamp(q1 / (c * full) * 1000, 0, 1000); i = (int)x; emf = rest[i] + (rest[i + 1] - rest[i]) * (x - i); }
                double ohm = T < 25 ? ohm25 * exp(growth * (25 - T)) : ohm25;
                double wanted = dcW[k] + acW[k] / eff + idleW[k], could = solar + (drive_day[d] ? drive_a * drives[k] * volts : 0);
                blocked = T < floor_c || (blocked && T < floor_c + 2);
                if (cut) { if (q >= floor_ah + 0.05 * full) cut = 0; else wanted = 0; }
                double cur = 0;
                if (could >= wanted) {
                    double amps = 0;
                    if (!blocked) {
                        amps = fmin(in_most, fmin((vabs - emf) / ohm, (full - q) * acceptPerH));
                        if (!lithium) amps = fmin(amps, (kk * c * full / div - kk * e / div * q1 - kk * c * a / div * q) / coul);
                        amps = fmax(0, amps);
                    }
                    double taken = fmin(could - wanted, amps * (emf + amps * ohm));
                    if (taken > 0) cur = (emf - sqrt(emf * emf + 4 * ohm * taken)) / (2 * ohm);
                } else {
                    double missing = wanted - could, amps = T < out_floor_c ? 0 : fmin(out_most, fmin(fmax(0, (q - floor_ah) / dt), emf / (2 * ohm)));
                    if (!lithium) amps = fmax(0, fmin(amps, kk * e / div * q1 + kk * c * a / div * q));
                    double got = fmin(missing, amps * (emf - amps * ohm));
                    if (got > 0) cur = (emf - sqrt(fmax(0, emf * emf - 4 * ohm * got))) / (2 * ohm);
                    if (got < missing) { wanted -= missing - got; cut = q - floor_ah < cur * dt + 1e-9; }
                }
                volts = emf - cur * ohm;
                served += wanted * dt;
                double heat = cur * cur * ohm, inside = cur < 0 ? cur * coul : cur;
                if (!lithium) {
                    double next = q1 * e + (q * kk * c - inside) * a / kk - inside * c * b / kk;
                    q2 = q2 * e + q * (1 - c) * a - inside * (1 - c) * b / kk;
                    q1 = next;
                } else q1 = fmin(full, q1 - inside * dt);
                q1 -= fade * q1; q2 -= fade * q2;
                T += (out_c + heat / loss_wk - T) * warm;
                soc[n++] = 100 * (q1 + q2) / full; soc[n++] = T; soc[n++] = volts;
            }
        }
        clock_gettime(CLOCK_MONOTONIC, &t1);
        best = fmin(best, (t1.tv_sec - t0.tv_sec) * 1e3 + (t1.tv_nsec - t0.tv_nsec) / 1e6);
    }
    printf("%.6f %.6f %.6f\n", best, served, 100 * (q1 + q2) / full);
    return 0;
}
