package scree.app.base;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import scree.core.colour.Lab;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.NeckBridge;
import tools.jackson.databind.json.JsonMapper;

class WornCodecTest {
    private static final WornCodec CODEC = new WornCodec(JsonMapper.builder().build());
    private static final Worn.Shade SHADE = new Worn.Shade(
            7L, "Marl", "31", Form.LIQUID, Finish.SATIN, .78, Lab.of(61.3, 9.1, 17), Lab.of(59.7, 9.4, 17.2), .43);
    private static final Worn.Neck NECK =
            new Worn.Neck(NeckBridge.Way.WARM_THE_NECK, List.of(new Worn.Used("Ember Low sun", .75)), .9);

    static Stream<Worn> everyKind() {
        Worn.Shade mixed = new Worn.Shade(
                null, "Mix", "5 Marl 31, 1 Lime", Form.LIQUID, Finish.SATIN, .78, SHADE.wet(), SHADE.onSkin(), null);
        Worn.Part white = new Worn.Part("Lime", "White drops", 1, Lab.of(95, 0, 2), 1.4);
        Worn.Inner inner = new Worn.Inner("Loess", "4", Lab.of(66, 8, 16), 1.1, 3.2);
        return Stream.of(
                        new Worn.Single(SHADE, null),
                        new Worn.Mix(mixed, List.of(white), null),
                        new Worn.TwoTones(SHADE, inner, null))
                .flatMap(w -> Stream.of(w, w.with(NECK)));
    }

    @ParameterizedTest
    @MethodSource("everyKind")
    void whatIsWrittenIsReadBackWhole(Worn worn) {
        assertThat(CODEC.read(CODEC.write(worn))).isEqualTo(worn);
    }

    @Test
    void aDocumentOfALaterScreeIsRefusedWithTheWayOut() {
        String later = CODEC.write(new Worn.Single(SHADE, null)).replace("\"version\":1", "\"version\":2");
        assertThatThrownBy(() -> CODEC.read(later)).hasMessageContaining("bring Scree up to date");
    }
}
