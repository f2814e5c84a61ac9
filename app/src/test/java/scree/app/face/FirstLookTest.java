package scree.app.face;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import scree.core.mesh.FaceSearch;
import scree.core.mesh.HeadMesh;
import scree.core.sight.PictureCheck;
import scree.core.sight.SightCode;
import scree.standins.camera.Ensemble;
import scree.standins.camera.StandInSearch;
import scree.standins.camera.Studio;
import tools.jackson.databind.json.JsonMapper;

class FirstLookTest {
    private final FaceSearches searches = new FaceSearches(JsonMapper.builder().build());
    private final String text = StandInSearch.text(Studio.points(Ensemble.all().get(3), 800), 4);

    @ParameterizedTest
    @EnumSource(SightCode.class)
    void whatWasSaidIsKeptWithItsFigures(SightCode code) {
        HeadMesh mesh = StandInSearch.mesh(Studio.points(Ensemble.all().get(3), 800), 0);
        FirstLook look =
                new FirstLook(7, mesh, List.of(PictureCheck.reason(code, 31), PictureCheck.reason(SightCode.SOFT)));
        FirstLook back = FirstLook.of(look.row());
        assertThat(back.said()).isEqualTo(look.said());
        assertThat(back.pictureId()).isEqualTo(7);
        assertThat(back.mesh().toString()).isEqualTo(mesh.toString());
        assertThat(back.stops()).isEqualTo(code.stops());
    }

    @Test
    void aSearchIsReadInPixelsOfTheStoredPictureWithItsSidesTheRightWayRound() {
        FaceSearch plain = searches.read(text, 1);
        FaceSearch larger = searches.read(text, 1.5);
        assertThat(plain.found()).isTrue();
        assertThat(larger.mesh().orElseThrow().unit())
                .isEqualTo(1.5 * plain.mesh().orElseThrow().unit());
        FaceSearch mirrored = searches.read(text.replace("\"mirrored\":false", "\"mirrored\":true"), 1);
        assertThat(mirrored.looks().get(0).at(234))
                .isEqualTo(plain.looks().get(0).at(454));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "null",
                "[]",
                "{",
                "{\"faces\":null}",
                "{\"faces\":[{}]}",
                "{\"faces\":[null],\"looks\":[]}",
                "{\"looks\":[{\"points\":\"1,2\"}]}",
                "{\"looks\":[{\"points\":\"NaN\"}]}",
                "{\"looks\":[{}]}",
                "{\"faces\":7}"
            })
    void whatIsNoSearchIsNoFace(String sent) {
        assertThat(searches.read(sent, 1).found()).isFalse();
        assertThat(searches.read("x".repeat(FaceSearches.LONGEST + 1), 1)).isEqualTo(FaceSearch.NOTHING);
    }
}
