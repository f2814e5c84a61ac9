package scree.bench;

import static scree.bench.Bench.figure;
import static scree.bench.Bench.say;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import scree.core.colour.FilmFit;
import scree.core.image.PictureIntake;
import scree.core.image.PrintedCard;
import scree.core.image.Raster;
import scree.core.swatch.SheetReader;
import scree.core.swatch.SheetReading;
import scree.core.swatch.SheetRefused;
import scree.standins.camera.Camera;
import scree.standins.camera.Lamp;
import scree.standins.camera.SheetScene;
import scree.standins.camera.Shot;
import scree.standins.makeup.MadeUpProduct;

/** How right a kit is that was measured from pictures of swatch sheets: pigments, papers and cameras that nothing was fitted on. */
final class SwatchAccuracy {
    private static final int SHEETS = 24;
    private static final int WIDTH = 1500;
    private static final long CAMERAS_FROM = 700;
    private static final float QUALITY = .92f;
    private static final double THICK = .8;

    private enum Kind {
        SKIN,
        VIVID,
        DARK,
        POWDER
    }

    /** One field that was read, beside its truth. */
    private record Case(Kind kind, FilmFit.Film film, SheetReading.Verdict verdict, MadeUpProduct truth, double coat) {
        double off() {
            return film.colour().differenceFrom(truth.colour());
        }

        double coverOff() {
            return Math.abs(film.contrast() - truth.contrast(coat));
        }
    }

    private record Sheets(List<Case> cases, List<Double> shifts, int refused) {}

    void run() {
        say(
                "swatches from whole pictures of sheets, JPEG %d wide: %d sheets a light, each its own camera, paper, print and lean;",
                WIDTH, SHEETS);
        say(
                "pigments with scattering of their own, coats uneven by 15 %%, S·X 0.3 to 3; figures are of fields that were taken");
        report("", "daylight", sheets(false));
        report("_warm", "warm LED", sheets(true));
    }

    private static void report(String suffix, String light, Sheets s) {
        List<Case> taken = s.cases().stream().filter(c -> c.verdict().good()).toList();
        say(
                "  %s: %d of %d fields taken, %d pictures refused",
                light, taken.size(), s.cases().size(), s.refused());
        colour("swatch_de00" + suffix, taken, c -> c.kind() == Kind.SKIN);
        colour("swatch_vivid_de00" + suffix, taken, c -> c.kind() == Kind.VIVID);
        colour("swatch_dark_de00" + suffix, taken, c -> c.kind() == Kind.DARK);
        colour("swatch_powder_de00" + suffix, taken, c -> c.kind() == Kind.POWDER);
        List<Double> cover = s.cases().stream()
                .filter(c -> c.verdict().good() || c.verdict() == SheetReading.Verdict.THIN)
                .map(Case::coverOff)
                .toList();
        figure("swatch_cover_error" + suffix, Accuracy.mean(cover), "share");
        figure("swatch_cover_error" + suffix + "_p95", Accuracy.p95(cover), "share");
        figure("swatch_shift_error" + suffix, Accuracy.mean(s.shifts()), "dE00");
        figure("swatch_shift_error" + suffix + "_p95", Accuracy.p95(s.shifts()), "dE00");
        double held =
                taken.stream().filter(c -> c.off() <= 2 * c.film().doubt()).count();
        figure("swatch_doubt_held" + suffix, held / Math.max(1, taken.size()), "share");
    }

    private static void colour(String name, List<Case> of, Predicate<Case> kind) {
        List<Double> off = of.stream().filter(kind).map(Case::off).toList();
        figure(name + "_mean", Accuracy.mean(off), "dE00");
        figure(name + "_p95", Accuracy.p95(off), "dE00");
    }

    private static Sheets sheets(boolean warm) {
        List<Sheets> all = IntStream.range(0, SHEETS)
                .parallel()
                .mapToObj(i -> sheet(i, warm))
                .toList();
        return new Sheets(
                all.stream().flatMap(s -> s.cases().stream()).toList(),
                all.stream().flatMap(s -> s.shifts().stream()).toList(),
                all.stream().mapToInt(Sheets::refused).sum());
    }

    /** A sheet wet and, with light that drifted, settled. */
    private static Sheets sheet(int i, boolean warm) {
        Random random = new Random(9_000 + i + (warm ? 500 : 0));
        Camera camera = new Camera(Camera.Family.EVALUATION, CAMERAS_FROM + i);
        Map<Integer, Kind> kinds = new HashMap<>();
        Map<Integer, SheetScene.Coat> wet = new HashMap<>();
        Map<Integer, SheetScene.Coat> settled = new HashMap<>();
        for (int f = 1; f <= 12; f++) {
            Kind kind = f <= 5 ? Kind.SKIN : f <= 8 ? Kind.VIVID : f <= 10 ? Kind.DARK : Kind.POWDER;
            MadeUpProduct product = switch (kind) {
                case SKIN, POWDER -> MadeUpProduct.skinLike(random);
                case VIVID -> MadeUpProduct.vivid(random);
                case DARK -> MadeUpProduct.dark(random);
            };
            double least = kind == Kind.POWDER ? THICK : .3;
            double coat = least * Math.exp(random.nextDouble() * Math.log(3 / least));
            kinds.put(f, kind);
            wet.put(f, coat(product, coat, random));
            settled.put(f, coat(product.settled(random), coat, random));
        }
        SheetScene.Setting setting = SheetScene.Setting.any(1 + i, random);
        double kelvin = warm ? 2700 + 600 * random.nextDouble() : 4500 + 2500 * random.nextDouble();
        double drift = warm ? 40 : 150;
        SheetReading first = read(setting, wet, camera, lamp(warm, kelvin), i);
        SheetReading second = read(setting, settled, camera, lamp(warm, kelvin + drift), 100 + i);
        List<Case> cases = new ArrayList<>();
        List<Double> shifts = new ArrayList<>();
        for (int f = 1; f <= 12; f++) {
            Case a = first == null ? null : of(first, f, kinds, wet);
            Case b = second == null ? null : of(second, f, kinds, settled);
            if (a != null) {
                cases.add(a);
            }
            if (a != null && b != null && a.verdict().good() && b.verdict().good()) {
                shifts.add(shiftError(a, b));
            }
        }
        return new Sheets(cases, shifts, (first == null ? 1 : 0) + (second == null ? 1 : 0));
    }

    private static SheetScene.Coat coat(MadeUpProduct product, double coat, Random random) {
        double halves = .05 * random.nextGaussian();
        return new SheetScene.Coat(product, coat * Math.exp(halves / 2), coat * Math.exp(-halves / 2), .15);
    }

    private static Lamp lamp(boolean warm, double kelvin) {
        return warm ? Lamp.led(kelvin, 62) : Lamp.daylight(kelvin);
    }

    private static Case of(SheetReading r, int field, Map<Integer, Kind> kinds, Map<Integer, SheetScene.Coat> coats) {
        SheetReading.Field f = r.fields().get(field - 1);
        SheetScene.Coat coat = coats.get(field);
        return f.film()
                .map(film -> new Case(
                        kinds.get(field),
                        film,
                        f.verdict(),
                        coat.product(),
                        Math.sqrt(coat.onPaper() * coat.onPrint())))
                .orElse(null);
    }

    /** ΔE00 between the shift that was read and the true one, taken at the true wet colour. */
    private static double shiftError(Case wet, Case settled) {
        var w = wet.film().colour();
        var s = settled.film().colour();
        var from = wet.truth().colour();
        var read = scree.core.colour.Lab.ofClamped(
                from.lightness() + s.lightness() - w.lightness(), from.a() + s.a() - w.a(), from.b() + s.b() - w.b());
        return read.differenceFrom(settled.truth().colour());
    }

    private static SheetReading read(
            SheetScene.Setting setting, Map<Integer, SheetScene.Coat> coats, Camera camera, Lamp lamp, int seed) {
        Raster shot = new SheetScene(setting, coats).shoot(camera, lamp, Shot.withCard(seed + 1), WIDTH);
        try {
            byte[] jpeg = PictureIntake.encodeJpeg(shot, QUALITY);
            Raster picture = Raster.of(ImageIO.read(new ByteArrayInputStream(jpeg)));
            return SheetReader.read(picture, PrintedCard.design());
        } catch (SheetRefused refused) {
            say("  refused: %s", refused.why());
            return null;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
