package scree.core.shade;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import scree.core.method.Occasion;
import scree.core.reason.Reason;
import scree.core.reason.Severity;
import scree.core.shade.Wear.Code;
import scree.core.shade.Wear.Day;
import scree.core.shade.Wear.Wish;
import scree.core.skin.SkinType;
import scree.core.skin.Texture;

class WearTest {
    private static Wish skin(SkinType type) {
        return new Wish(null, null, Set.of(type), Set.of(), false, false, Day.OPEN);
    }

    private static List<Enum<?>> codes(List<Reason> reasons, Severity severity) {
        return reasons.stream()
                .filter(r -> r.severity() == severity)
                .<Enum<?>>map(Reason::code)
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "DRY, MEDIUM, MATTE, POWDER, POWDER_CLINGS",
        "DRY, MEDIUM, MATTE, LIQUID, MATTE_ON_DRY",
        "OILY, MEDIUM, DEWY, LIQUID, DEWY_ON_OILY"
    })
    void skinTypeSpeaksAgainst(SkinType type, Coverage coverage, Finish finish, Form form, Code code) {
        assertThat(codes(Wear.of(coverage, finish, form, skin(type)), Severity.CHECK))
                .containsExactly(code);
    }

    @ParameterizedTest
    @CsvSource({
        "DRY, DEWY, LIQUID, MOIST_ON_DRY",
        "OILY, MATTE, LIQUID, MATTE_ON_OILY",
        "OILY, SATIN, CREAM, RICH_ON_OILY",
        "COMBINATION, DEWY, LIQUID, DEWY_ON_T_ZONE"
    })
    void orOnlyRemarks(SkinType type, Finish finish, Form form, Code code) {
        List<Reason> reasons = Wear.of(Coverage.MEDIUM, finish, form, skin(type));
        assertThat(codes(reasons, Severity.NOTE)).containsExactly(code);
        assertThat(Wear.cost(reasons)).isLessThan(Wear.AGAINST);
    }

    @Test
    void frecklesToBeKeptAskForSheerWhateverTheWishedCoverage() {
        Wish keep = new Wish(Coverage.FULL, null, Set.of(), Set.of(), true, false, new Day(Occasion.CAMERA, false, 0));
        assertThat(codes(Wear.of(Coverage.MEDIUM, Finish.SATIN, Form.LIQUID, keep), Severity.CHECK))
                .containsExactly(Code.COVERS_FRECKLES);
        List<Reason> sheer = Wear.of(Coverage.SHEER, Finish.SATIN, Form.LIQUID, keep);
        assertThat(Wear.cost(sheer)).isZero();
        assertThat(codes(sheer, Severity.NOTE)).containsExactly(Code.LETS_FRECKLES_SHOW);
    }

    @Test
    void heavyContourAsksForAtLeastMediumAndQuarrelsWithFreckles() {
        Wish both = new Wish(null, null, Set.of(), Set.of(), true, true, Day.OPEN);
        assertThat(both.quarrels()).isTrue();
        assertThat(codes(Wear.of(Coverage.SHEER, Finish.SATIN, Form.LIQUID, both), Severity.CHECK))
                .containsExactly(Code.TOO_THIN_FOR_CONTOUR);
        Wish contour = new Wish(null, null, Set.of(), Set.of(), false, true, Day.OPEN);
        assertThat(Wear.of(Coverage.MEDIUM, Finish.SATIN, Form.LIQUID, contour)).isEmpty();
    }

    @Test
    void coverageOneClassOffIsARemarkTwoSpeakAgainst() {
        Wish full = new Wish(Coverage.FULL, null, Set.of(), Set.of(), false, false, Day.OPEN);
        assertThat(codes(Wear.of(Coverage.MEDIUM, Finish.SATIN, Form.LIQUID, full), Severity.NOTE))
                .containsExactly(Code.THINNER_THAN_WISHED);
        assertThat(codes(Wear.of(Coverage.SHEER, Finish.SATIN, Form.LIQUID, full), Severity.CHECK))
                .containsExactly(Code.THINNER_THAN_WISHED);
    }

    @Test
    void texturesFlashAndLongDaysHaveTheirSay() {
        Wish lines = new Wish(null, null, Set.of(), Set.of(Texture.FINE_LINES), false, false, new Day(null, true, 0));
        List<Reason> powder = Wear.of(Coverage.MEDIUM, Finish.MATTE, Form.POWDER, lines);
        assertThat(codes(powder, Severity.CHECK)).containsExactly(Code.POWDER_IN_LINES);
        assertThat(codes(powder, Severity.NOTE)).containsExactly(Code.POWDER_AND_FLASH);
        Wish pores = new Wish(
                null, null, Set.of(), Set.of(Texture.OPEN_PORES), false, false, new Day(Occasion.CAMERA, false, 9));
        List<Reason> dewy = Wear.of(Coverage.SHEER, Finish.DEWY, Form.LIQUID, pores);
        assertThat(codes(dewy, Severity.CHECK)).containsExactly(Code.SHINE_ON_TEXTURE);
        assertThat(codes(dewy, Severity.NOTE)).containsExactly(Code.SHEER_FOR_CAMERA, Code.DEWY_ALL_DAY);
        assertThat(dewy.get(0).severity()).as("against comes first").isEqualTo(Severity.CHECK);
        assertThat(Wear.of(Coverage.FULL, Finish.SHEEN, Form.POWDER, Wish.none()))
                .isEmpty();
    }
}
