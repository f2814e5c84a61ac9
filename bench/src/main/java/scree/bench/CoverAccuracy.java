package scree.bench;

import static scree.bench.Bench.figure;
import static scree.bench.Bench.say;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import scree.core.colour.Film;
import scree.core.colour.KubelkaMunk;
import scree.core.colour.Lab;
import scree.core.colour.Spectrum;
import scree.core.cover.Bears;
import scree.core.cover.CoverPlan;
import scree.core.cover.CoverSearch;
import scree.core.cover.Ideal;
import scree.core.cover.Layer;
import scree.core.cover.Place;
import scree.core.cover.ShortCut;
import scree.core.cover.Ware;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.UsualCoat;
import scree.standins.makeup.MarkedSkin;
import scree.standins.makeup.MarkedSkin.Kind;

/** How well places are brought back to their surround: 300 held-out marks of known spectra, products as they may be. */
final class CoverAccuracy {
    private static final int PROBLEMS = 300;
    private static final int DRAWS = 20;
    private static final long SEED = 411_907;
    private static final double LEAST_BARE = 3;
    private static final double OFTEN = .9;
    private static final double OPACITY = .1;

    private final List<Ware<String>> kit = new ArrayList<>();

    /** A drawn mark: what it truly is, and as Scree knows it, by two colours. */
    private record Drawn(Kind kind, Spectrum zone, Spectrum surround, Place<String> place, List<Ware<String>> kit) {}

    void run() throws IOException {
        load();
        Random chance = new Random(SEED);
        List<Drawn> all = new ArrayList<>();
        while (all.size() < PROBLEMS) {
            draw(chance, all.size()).ifPresent(all::add);
        }
        solved(all, chance);
        speed(all);
    }

    private void load() throws IOException {
        for (Map<String, String> row : Rows.of("cover/kit.csv")) {
            Form form = Form.valueOf(row.get("form"));
            Role role = Role.valueOf(row.get("role"));
            Lab colour = Lab.of(number(row, "L"), number(row, "a"), number(row, "b"));
            UsualCoat coat = UsualCoat.of(form, colour, number(row, "coverage"));
            kit.add(new Ware<>(row.get("id"), row.get("id"), role, form, coat));
        }
    }

    private static double number(Map<String, String> row, String column) {
        return Double.parseDouble(row.get(column));
    }

    private Optional<Drawn> draw(Random chance, int nth) {
        Kind kind = Kind.values()[chance.nextInt(Kind.values().length)];
        double melanin = Math.exp(between(chance, Math.log(.008), Math.log(.35)));
        MarkedSkin skin = new MarkedSkin(melanin, between(chance, .8, 1.25), between(chance, 0, 3));
        Spectrum zone = skin.mark(kind, between(chance, .3, 1.25), chance.nextInt(5));
        Spectrum surround = skin.clear();
        Lab z = zone.toLab();
        Lab s = surround.toLab();
        if (z.differenceFrom(s) < LEAST_BARE) {
            return Optional.empty();
        }
        Ware<String> base = kit.stream()
                .filter(w -> w.role() == Role.BASE && w.form() != Form.POWDER)
                .min(Comparator.comparingDouble(w -> w.colour().differenceFrom(s)))
                .orElseThrow();
        double coats = kind == Kind.TATTOO_BLACK || kind == Kind.TATTOO_COLOUR ? 0 : chance.nextBoolean() ? .5 : 1;
        Place<String> place = Place.of(z, s, base, coats, bears(kind));
        return Optional.of(new Drawn(kind, zone, surround, place, few(chance, nth % 2 == 0, place)));
    }

    /** Three concealers and two correctors beside the base: at random, or those that fit. */
    private List<Ware<String>> few(Random chance, boolean fitting, Place<String> place) {
        List<Ware<String>> concealers = new ArrayList<>(
                kit.stream().filter(w -> w.role() == Role.CONCEALER).toList());
        List<Ware<String>> correctors = new ArrayList<>(
                kit.stream().filter(w -> w.role() == Role.CORRECTOR).toList());
        if (fitting) {
            Lab target = place.target().toLab();
            Lab ideal = Ideal.of(place).colour();
            concealers.sort(Comparator.comparingDouble(w -> w.colour().differenceFrom(target)));
            correctors.sort(Comparator.comparingDouble(w -> w.colour().differenceFrom(ideal)));
        } else {
            Collections.shuffle(concealers, chance);
            Collections.shuffle(correctors, chance);
        }
        List<Ware<String>> few = new ArrayList<>(concealers.subList(0, 3));
        few.addAll(correctors.subList(0, 2));
        return few;
    }

    private static Bears bears(Kind kind) {
        return switch (kind) {
            case UNDER_EYE_BROWN, UNDER_EYE_PURPLE -> Bears.UNDER_EYE;
            case LID_DULL -> Bears.LID;
            case TATTOO_BLACK, TATTOO_COLOUR, SCAR_PALE, SCAR_RED, OLD_BRUISE -> Bears.HEAVY;
            default -> Bears.FACE;
        };
    }

    private static double between(Random chance, double low, double high) {
        return low + (high - low) * chance.nextDouble();
    }

    private void solved(List<Drawn> all, Random chance) {
        int solved = 0;
        int nominal = 0;
        double coats = 0;
        double microns = 0;
        double naive = 0;
        int compared = 0;
        int[] misses = new int[Kind.values().length];
        for (Drawn d : all) {
            Optional<CoverPlan<String>> plan =
                    CoverSearch.of(d.place(), d.kit()).plan();
            if (plan.isEmpty()) {
                misses[d.kind().ordinal()]++;
                continue;
            }
            nominal++;
            coats += plan.get().coats();
            int within = 0;
            for (int i = 0; i < DRAWS; i++) {
                within += perturbed(d, plan.get(), chance) <= Place.TARGET ? 1 : 0;
            }
            if (within >= OFTEN * DRAWS) {
                solved++;
            } else {
                misses[d.kind().ordinal()]++;
            }
            if (d.place().baseCoats() > 0) {
                CoverPlan<String> base =
                        ShortCut.of(d.place(), List.of()).get(0).plan();
                if (base.left() <= Place.TARGET) {
                    microns += plan.get().microns();
                    naive += base.microns();
                    compared++;
                }
            }
        }
        say(
                "%d held-out marks of known spectra (16 kinds, all depths), base and five products; each plan tried with %d draws of products"
                        + " (opacity +-10 %%, colour within 1 dE00) on the true spectra; simulated",
                PROBLEMS, DRAWS);
        say("  planned within 2: %d; without a plan or not robust, by kind: %s", nominal, Arrays.toString(misses));
        figure("correct_solved_percent", 100.0 * solved / PROBLEMS, "%");
        figure("correct_coats_mean", coats / nominal, "coats beside the base");
        say("  thickness against base alone to the same target, %d that base alone can do", compared);
        figure("correct_thickness_ratio", microns / naive, "of base alone");
    }

    /** Lays the plan with products that are not quite what they should be, on skin as it truly is. */
    private static double perturbed(Drawn d, CoverPlan<String> plan, Random chance) {
        Map<String, double[]> off = new java.util.HashMap<>();
        Spectrum beside =
                lay(d.surround(), new Layer<>(d.place().base(), d.place().baseCoats()), off, chance);
        Spectrum on = d.zone();
        for (Layer<String> l : plan.under()) {
            on = lay(on, l, off, chance);
        }
        on = lay(on, new Layer<>(d.place().base(), d.place().baseCoats()), off, chance);
        for (Layer<String> l : plan.over()) {
            on = lay(on, l, off, chance);
        }
        return on.toLab().differenceFrom(beside.toLab());
    }

    private static Spectrum lay(Spectrum ground, Layer<String> l, Map<String, double[]> off, Random chance) {
        if (l.amount() == 0) {
            return ground;
        }
        double[] by = off.computeIfAbsent(l.ware().what(), k -> new double[] {
            1 + between(chance, -OPACITY, OPACITY),
            between(chance, -1, 1),
            between(chance, -1, 1),
            between(chance, -1, 1)
        });
        Film film = l.ware().coat().worn(l.amount()).times(by[0]);
        double[] bent = new double[Spectrum.BANDS];
        for (int i = 0; i < bent.length; i++) { // lighter or deeper, redder or greener, bluer or yellower by about one
            double at = (i - 17.5) / 17.5;
            double k = KubelkaMunk.absorption(film.product().at(i));
            bent[i] = KubelkaMunk.reflectance(
                    k * Math.exp(-.03 * by[1] - .02 * by[2] * at - .03 * by[3] * (at * at - .4)));
        }
        return new Film(Spectrum.of(bent), film.power(), film.microns()).over(ground);
    }

    private void speed(List<Drawn> all) {
        List<Ware<String>> whole = kit.stream()
                .filter(w -> w.role() == Role.CORRECTOR
                        || w.role() == Role.CONCEALER
                        || w.role() == Role.BASE && w.form() != Form.POWDER)
                .limit(45)
                .toList();
        List<Double> reached = new ArrayList<>();
        List<Double> missed = new ArrayList<>();
        for (int round = 0; round < 2; round++) { // the first round warms up
            reached.clear();
            missed.clear();
            for (Drawn d : all.subList(0, 60)) {
                time(d.place(), whole, reached);
                time(d.place(), List.of(whole.get(0)), new ArrayList<>());
                time(far(d.place()), whole, missed);
            }
        }
        say("search of one place over %d products; one with a plan, and one that nothing reaches", whole.size());
        figure("cover_ms", percentile(reached, .95), "ms, 95th");
        figure("cover_out_of_reach_ms", percentile(missed, .95), "ms, 95th");
    }

    /** A place that no product of the kit brings back: its surround is blue. */
    private static Place<String> far(Place<String> p) {
        Lab s = p.surround().toLab();
        Lab blue = Lab.of(s.lightness(), s.a() - 14, s.b() - 26);
        return Place.of(p.zone().toLab(), blue, p.base(), 0, Bears.FACE);
    }

    private static void time(Place<String> place, List<Ware<String>> wares, List<Double> into) {
        long from = System.nanoTime();
        CoverSearch.of(place, wares);
        into.add((System.nanoTime() - from) / 1e6);
    }

    private static double percentile(List<Double> all, double share) {
        List<Double> sorted = all.stream().sorted().toList();
        return sorted.get((int) Math.ceil(share * sorted.size()) - 1);
    }
}
