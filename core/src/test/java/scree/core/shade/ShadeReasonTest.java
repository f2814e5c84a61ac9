package scree.core.shade;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;
import scree.core.reason.Reason;
import scree.core.reason.Severity;
import scree.core.shade.ShadeReason.Code;
import scree.core.skin.MatchTarget;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class ShadeReasonTest {
    private static final Lab SKIN = Lab.ofLch(60, 20, 60);
    private static final MatchTarget EVEN = new MatchTarget(SKIN, SKIN, SKIN, SKIN, MatchTarget.School.JAW_TO_NECK);

    @Test
    void theAxisThatDiffersIsNamedAndOnlyThat() {
        assertThat(codes(Lab.ofLch(64, 20, 60))).containsExactly(Code.LIGHTER);
        assertThat(codes(Lab.ofLch(56, 20, 60))).containsExactly(Code.DEEPER);
        assertThat(codes(Lab.ofLch(60, 20, 68))).containsExactly(Code.MORE_GOLDEN);
        assertThat(codes(Lab.ofLch(60, 20, 52))).containsExactly(Code.PINKER);
        assertThat(codes(Lab.ofLch(60, 25, 60))).containsExactly(Code.STRONGER);
        assertThat(codes(Lab.ofLch(60, 15, 60))).containsExactly(Code.GREYER);
        assertThat(codes(Lab.ofLch(60.2, 20.2, 60))).containsExactly(Code.SAME);
    }

    @Test
    void aPlainDifferenceAsksForALookASlightOneOnlyExplains() {
        assertThat(severity(Lab.ofLch(62, 20, 60))).isEqualTo(Severity.NOTE);
        assertThat(severity(Lab.ofLch(64, 20, 60))).isEqualTo(Severity.CHECK);
        assertThat(severity(Lab.ofLch(60, 20, 64))).isEqualTo(Severity.NOTE);
        assertThat(severity(Lab.ofLch(60, 20, 68))).isEqualTo(Severity.CHECK);
    }

    @Test
    void theHeavierAxisComesFirst() {
        assertThat(codes(Lab.ofLch(66, 20, 64)).get(0)).isEqualTo(Code.LIGHTER);
        assertThat(codes(Lab.ofLch(61, 20, 75)).get(0)).isEqualTo(Code.MORE_GOLDEN);
    }

    @Test
    void aShadeThatFitsOnlyTheNeckSaysSo() {
        Lab neck = Lab.ofLch(65, 18, 64);
        var target = new MatchTarget(SKIN, Lab.ofLch(58, 21, 55), SKIN, neck, MatchTarget.School.JAW_TO_NECK);
        assertThat(ShadeReason.of(neck, target)).extracting(Reason::code).contains(Code.FITS_NECK);
    }

    @Seeds(200)
    void everyShadeThatIsSeenGetsAReason(Draw draw) {
        double l = draw.between(30, 80);
        double c = draw.between(5, 35);
        double h = draw.between(30, 85);
        Lab shade = Lab.ofLch(l, c, h);
        List<Enum<?>> codes = codes(shade);
        assertThat(codes).isNotEmpty();
        if (shade.differenceFrom(SKIN) > 2) {
            assertThat(codes).doesNotContain(Code.SAME);
        }
    }

    private static Severity severity(Lab shade) {
        return ShadeReason.of(shade, EVEN).get(0).severity();
    }

    private static List<Enum<?>> codes(Lab shade) {
        return ShadeReason.of(shade, EVEN).stream().<Enum<?>>map(Reason::code).toList();
    }
}
