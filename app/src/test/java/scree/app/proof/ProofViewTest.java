package scree.app.proof;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import scree.app.Sentences;
import scree.app.chair.ChairLog;
import scree.core.colour.Lab;
import scree.core.face.Side;
import scree.core.placement.Area;
import scree.core.skin.SkinReading;
import scree.core.skin.Zone;

/** What the record says of a sitting, without a database. */
class ProofViewTest {
    private static final Lab SKIN = Lab.of(62, 11, 18);

    private static ProofWords words() {
        return new ProofWords(Sentences.all());
    }

    private static ChairLog.Done step(String name, boolean done, String... different) {
        return new ChairLog.Done(name, done, 60, 60, List.of(), "1 tap", List.of(different));
    }

    private static ChairLog log(boolean finished, ChairLog.Done... steps) {
        return new ChairLog(Instant.EPOCH, finished ? Instant.EPOCH : null, 40, List.of(steps), List.of());
    }

    @Test
    void whatPartedFromThePlanIsNamedStepByStepAndOnlyThat() {
        ChairLog.Done more = step("Base", true, "more: 2 taps", "note: dry nose");
        assertThat(ProofView.otherwise(
                        Optional.of(log(true, step("Primer", true), more, step("Powder", false))), words()))
                .containsExactly("Base: more: 2 taps; note: dry nose", "Powder: not done");
        assertThat(ProofView.otherwise(Optional.of(log(false, step("Powder", false))), words()))
                .as("what is still to come is not left out")
                .isEmpty();
        assertThat(ProofView.otherwise(Optional.empty(), words())).isEmpty();
    }

    @Test
    void betweenTheEndAndItsRecordNobodyIsToldThatTheSittingGoesOn() {
        OffsetDateTime made = OffsetDateTime.parse("2026-06-20T15:30:00Z");
        assertThat(ProofView.stand(false, null, ZoneOffset.UTC, words())).contains("Not ended yet");
        assertThat(ProofView.stand(true, null, ZoneOffset.UTC, words()))
                .contains("Ended", "is being made")
                .doesNotContain("Not ended");
        assertThat(ProofView.stand(true, made, ZoneOffset.UTC, words())).contains("Kept on");
    }

    private static Kept kept(SkinReading.Trust trust, double lightness, Lab target, Area... areas) {
        Kept.Base base =
                new Kept.Base(7L, "Gneiss 40", "g", Lab.of(lightness, 11, 18), target, 1, List.of(), null, null);
        List<Kept.Drawn> zones = Arrays.stream(areas)
                .map(a -> new Kept.Drawn(1, a, Side.LEFT, a.family(), 1, List.of(), null, null))
                .toList();
        return new Kept(null, null, trust, Map.of(Zone.CHEEK, Lab.of(lightness, 11, 18)), null, base, zones);
    }

    /** Skin is compared only where both were measured; the base of then is held against the skin of now. */
    @Test
    void twoSittingsAreComparedByWhatWasMeasured() {
        Area first = Area.values()[0];
        Area second = Area.values()[1];
        Kept then = kept(SkinReading.Trust.COLOUR_CARD, 62, SKIN, first);
        Kept now = kept(SkinReading.Trust.COLOUR_CARD, 55, Lab.of(55, 12, 19), second);
        Comparison c = Comparison.of(then, now);
        assertThat(c.gone()).containsExactly(first);
        assertThat(c.come()).containsExactly(second);
        assertThat(c.skin()).isNotEmpty();
        assertThat(c.base()).hasValueSatisfying(off -> assertThat(off).isBetween(5.0, 8.0));
        Kept guessed = kept(SkinReading.Trust.PROVISIONAL, 55, SKIN, first);
        assertThat(Comparison.of(then, guessed).skin()).isEmpty();
        assertThat(Comparison.of(then, then).gone()).isEmpty();
    }

    private static Optional<Proofs.Telling> typed(String hours, List<Wore.Seen> seen, String reaction, String words) {
        return new WoreForm(hours, seen, " ", reaction, words).read();
    }

    @Test
    void aReportIsReadOrRefusedWhole() {
        assertThat(typed(" 8 ", List.of(Wore.Seen.HELD), "", null)).hasValueSatisfying(t -> {
            assertThat(t.hours()).isEqualTo(8);
            assertThat(t.seen()).isEqualTo(Set.of(Wore.Seen.HELD));
            assertThat(t.reaction()).isNull();
            assertThat(t.place()).isNull();
        });
        assertThat(typed("8", null, " itched ", null).orElseThrow().reaction()).isEqualTo("itched");
        for (String hours : Arrays.asList(null, "", "soon", "-1", "721", "8.5")) {
            assertThat(typed(hours, List.of(Wore.Seen.HELD), null, null))
                    .as(hours)
                    .isEmpty();
        }
        assertThat(typed("8", new ArrayList<>(), " ", "")).as("nothing told").isEmpty();
        assertThat(typed("8", null, "x".repeat(Wore.LONGEST_REACTION + 1), null))
                .isEmpty();
        assertThat(typed("8", null, null, "x".repeat(Wore.LONGEST_WORDS + 1))).isEmpty();
    }
}
