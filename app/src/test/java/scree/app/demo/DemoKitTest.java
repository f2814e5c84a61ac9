package scree.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import scree.app.kit.Measure;
import scree.app.kit.Product;
import scree.core.judge.LaidProduct;
import scree.core.judge.RoleGaps;
import scree.core.shade.Coverage;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.ShadeIndex;
import scree.core.skin.ReferenceCurve;
import scree.standins.camera.Ensemble;

class DemoKitTest {
    private static final List<Product> KIT = DemoKit.all(LocalDate.of(2026, 6, 20));

    @Test
    void thereAreSomeTwoHundredInAllRolesWithNamesOfTheirOwn() {
        assertThat(KIT).hasSizeBetween(220, 260);
        Set<Role> roles = EnumSet.noneOf(Role.class);
        KIT.forEach(p -> roles.add(p.role()));
        assertThat(roles).containsExactlyInAnyOrder(Role.values());
        assertThat(new HashSet<>(KIT.stream().map(Product::fullName).toList())).hasSameSizeAs(KIT);
    }

    /** What ships is what sheets said: near what was smeared, and never just that. */
    @Test
    void coloursAreMeasuredFromSheetsAndNearWhatWasSmeared() {
        List<Product> made = DemoKit.made(LocalDate.of(2026, 6, 20));
        double[] off = IntStream.range(0, KIT.size())
                .filter(i -> KIT.get(i).swatch().measure().by() == Measure.By.SHEET)
                .mapToDouble(
                        i -> KIT.get(i).recorded().differenceFrom(made.get(i).recorded()))
                .sorted()
                .toArray();
        assertThat(off.length).isGreaterThanOrEqualTo(210);
        assertThat(off[off.length / 2]).isBetween(.2, .8);
        assertThat(off[off.length * 95 / 100]).isLessThan(1.5);
        assertThat(KIT.stream().filter(p -> p.swatch().measure().by() == Measure.By.TYPED))
                .allMatch(p -> p.role().thing()
                        || p.traits().colourless()
                        || p.role() == Role.SKIN_CARE
                        || Set.of("Clear", "White", "Bog oak", "Blue drops")
                                .contains(p.name())); // all but paper, or print
    }

    @ParameterizedTest
    @EnumSource(
            value = Role.class,
            names = {"CONCEALER", "BRIGHTENER", "CONTOUR", "BRONZER", "BLUSH", "HIGHLIGHT", "POWDER", "LIP", "LID"})
    void everyRoleServesEverySkin(Role role) {
        List<Product> products = KIT.stream().filter(p -> p.role() == role).toList();
        List<String> missed = new RoleGaps<>(
                        role,
                        products,
                        List.of(),
                        p -> LaidProduct.of(p.form(), p.settled(), p.contrastRatio(), p.traits()))
                .cells().stream()
                        .filter(c -> !c.served())
                        .map(c -> c.lean() + " " + c.lightness() + " " + c.looks())
                        .toList();
        assertThat(missed)
                .hasSizeLessThanOrEqualTo(role == Role.CONCEALER ? 1 : 0); // a reading's doubt costs the deepest olive
    }

    @Test
    void basesCoverDepthsLeansFormsAndCoverages() {
        List<Product> bases = bases();
        assertThat(bases.stream()
                        .mapToDouble(p -> p.settled().lightness())
                        .min()
                        .orElseThrow())
                .isLessThan(36);
        assertThat(bases.stream()
                        .mapToDouble(p -> p.settled().lightness())
                        .max()
                        .orElseThrow())
                .isGreaterThan(74);
        for (double[] half : new double[][] {{30, 50}, {50, 65}, {65, 80}}) {
            List<Double> leans = bases.stream()
                    .filter(p ->
                            p.settled().lightness() >= half[0] && p.settled().lightness() < half[1])
                    .map(p -> ReferenceCurve.hueLean(p.settled()))
                    .toList();
            assertThat(leans)
                    .anyMatch(l -> l < -3)
                    .anyMatch(l -> Math.abs(l) < 3)
                    .anyMatch(l -> l > 3);
        }
        assertThat(bases).extracting(Product::form).contains(Form.LIQUID, Form.CREAM, Form.STICK, Form.POWDER);
        assertThat(bases).extracting(Product::coverage).contains(Coverage.values());
    }

    @Test
    void liquidsSettleDeeperThanTheyComeOut() {
        assertThat(bases())
                .filteredOn(p -> p.form() == Form.LIQUID)
                .allMatch(p -> p.wet().lightness() >= p.settled().lightness());
    }

    @Test
    void everyOneOfTheCastHasABaseThatIsNotFarOff() {
        ShadeIndex index = new ShadeIndex(bases().stream().map(Product::settled).toList());
        Ensemble.all()
                .forEach(s -> assertThat(index.nearest(s.skin(), 1).get(0).difference())
                        .as(s.name())
                        .isLessThan(4.5));
    }

    @ParameterizedTest
    @CsvSource({"10:55,0", "00:00,-240", "23:59,420", "12:00,60", "09:10,-105"})
    void theDayIsMovedSoThatTheSixthFaceSitsAboutNow(LocalTime now, int minutes) {
        assertThat(DemoLoader.shiftMinutes(now)).isEqualTo(minutes);
    }

    private static List<Product> bases() {
        return KIT.stream().filter(p -> p.role() == Role.BASE).toList();
    }
}
