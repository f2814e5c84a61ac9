package scree.standins.face;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.cover.Bears;
import scree.core.cover.CoverPlan;
import scree.core.cover.CoverSearch;
import scree.core.cover.Place;
import scree.core.cover.Ware;
import scree.core.face.LevelledFace;
import scree.core.image.Point;
import scree.core.image.Raster;
import scree.core.placement.Covered;
import scree.core.placement.MadeUp;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.UsualCoat;
import scree.standins.camera.Camera;
import scree.standins.camera.Concern;
import scree.standins.camera.Ensemble;
import scree.standins.camera.Lamp;
import scree.standins.camera.Lighting;
import scree.standins.camera.Seats;
import scree.standins.camera.Shot;
import scree.standins.camera.Sitter;
import scree.standins.camera.Studio;

/** A marked spot of a simulated sitter, covered pixel by pixel: it goes, without a ring, and nothing else changes. */
class CoveredTest {
    private static final int WIDTH = 640;
    private static final double X = .62;
    private static final double Y = .95;
    private static final double RADIUS = .055;

    /** Sitters: very fair, medium, deep. Painted: a brown spot, a red one. */
    @ParameterizedTest
    @CsvSource({"0, 0, .5", "4, .38, 0", "6, .4, .1"})
    void theSpotGoesAndTheRestStays(int index, double melanin, double blood) {
        Sitter plain = Ensemble.all().get(index);
        Sitter marked = plain.troubledBy(List.of(new Concern(X, Y, RADIUS * .8, RADIUS * .8, melanin, blood, false)));
        Raster bare = Seats.of(marked, Lighting.facingWindow(), WIDTH)
                .shoot(Camera.quiet(5), Lamp.daylight(5600), Shot.withCard(1));
        LevelledFace face = LevelledFace.of(Studio.points(plain, WIDTH));
        Point middle = Studio.place(X, Y, WIDTH);
        double radius = RADIUS * WIDTH * 160 / 900;
        Lab spot = mean(bare, middle, 0, .6 * radius);
        Lab beside = mean(bare, middle, 1.7 * radius, 2.2 * radius);
        Ware<String> base = ware("base", Role.BASE, beside, .78);
        Place<String> place = Place.of(spot, beside, base, 0, Bears.FACE);
        CoverPlan<String> plan = CoverSearch.of(
                        place,
                        List.of(
                                ware("same", Role.CONCEALER, beside, .93),
                                ware(
                                        "peach",
                                        Role.CORRECTOR,
                                        Lab.of(beside.lightness() + 4, beside.a() + 9, beside.b() + 7),
                                        .8)))
                .best();
        List<Point> outline = IntStream.range(0, 24)
                .mapToObj(i -> middle.plus(radius * Math.cos(Math.PI * i / 12), radius * Math.sin(Math.PI * i / 12)))
                .toList();
        Raster made = MadeUp.over(
                bare,
                face,
                MadeUp.Skin.bare(beside),
                List.of(new Covered(outline, Covered.SPOT, false, plan)),
                List.of(),
                MadeUp.Light.DAYLIGHT);
        double before = spot.differenceFrom(beside);
        Lab after = mean(made, middle, 0, .6 * radius);
        Lab ring = mean(made, middle, 1.7 * radius, 2.2 * radius);
        assertThat(before).isGreaterThan(4);
        assertThat(after.differenceFrom(ring)).as("the spot").isLessThan(2.6).isLessThan(before / 2);
        Lab edge = mean(made, middle, 1.0 * radius, 1.3 * radius);
        assertThat(edge.differenceFrom(ring)).as("no halo").isLessThan(2.2);
        assertThat(made.rgb()[(int) (middle.y() - 4 * radius) * WIDTH + (int) middle.x()])
                .as("far from it")
                .isEqualTo(MadeUp.over(bare, face, MadeUp.Skin.bare(beside), List.of(), MadeUp.Light.DAYLIGHT)
                        .rgb()[(int) (middle.y() - 4 * radius) * WIDTH + (int) middle.x()]);
    }

    private static Ware<String> ware(String name, Role role, Lab colour, double contrast) {
        return new Ware<>(name, name, role, Form.CREAM, UsualCoat.of(Form.CREAM, colour, contrast));
    }

    /** Mean colour of a ring of pixels. */
    private static Lab mean(Raster r, Point middle, double from, double to) {
        double[] sum = new double[3];
        int n = 0;
        for (int y = (int) (middle.y() - to); y <= middle.y() + to; y++) {
            for (int x = (int) (middle.x() - to); x <= middle.x() + to; x++) {
                double d = Math.hypot(x - middle.x(), y - middle.y());
                if (d >= from && d <= to) {
                    int rgb = r.rgb()[y * r.width() + x];
                    for (int c = 0; c < 3; c++) {
                        sum[c] += rgb >> 16 - 8 * c & 255;
                    }
                    n++;
                }
            }
        }
        return Srgb.toLab((int) Math.round(sum[0] / n), (int) Math.round(sum[1] / n), (int) Math.round(sum[2] / n));
    }
}
