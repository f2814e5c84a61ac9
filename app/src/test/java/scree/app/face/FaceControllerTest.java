package scree.app.face;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyBoolean;
import static org.mockito.ArgumentMatchers.anyDouble;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.BDDMockito.given;
import static org.mockito.BDDMockito.willThrow;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static scree.app.Members.RUNA;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import scree.app.Members;
import scree.app.WebTest;
import scree.app.look.Cairn;
import scree.app.picture.Picture;
import scree.app.picture.Pictures;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sittings;
import scree.app.web.NotHere;
import scree.core.face.Glance;
import scree.core.face.PointsRefused;
import scree.core.face.Shape;
import scree.core.face.Tick;
import scree.core.face.Trait;
import scree.core.image.Point;
import scree.core.mesh.FaceSearch;
import scree.core.sight.PictureCheck;
import scree.core.sight.SightCode;

/** The Face stage with a browser that guesses wildly and hands that put points where none can be. */
@WebTest
class FaceControllerTest {
    @Autowired
    private MockMvc http;

    @Autowired
    private Sittings sittings;

    @Autowired
    private Faces faces;

    @Autowired
    private FirstLooks looks;

    @Autowired
    private FaceSearches searches;

    private static final Picture PICTURE = new Picture(3, 5, 900, 1200, "0".repeat(64));

    @Autowired
    private Pictures pictures;

    @Autowired
    private Cairns cairns;

    @BeforeEach
    void aPictureWithoutPoints() {
        given(sittings.get(any(), anyLong())).willReturn(Members.sitting(null, null, null, null));
        given(cairns.of(any(), any(), anyString())).willReturn(Cairn.stack(5, "Liv", 1, "8:00", List.of()));
        given(faces.picture(any(), anyLong())).willReturn(Optional.of(PICTURE));
        given(faces.of(any(), anyLong())).willReturn(Optional.empty());
        given(looks.waiting(any(), anyLong(), any())).willReturn(Optional.empty());
    }

    @Test
    void withoutAPictureThePageLeadsToOne() throws Exception {
        given(faces.picture(any(), anyLong())).willReturn(Optional.empty());
        http.perform(get("/sittings/5/face").with(user(RUNA)))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("/sittings/5/skin")));
    }

    @Test
    void whatTheBrowserFoundIsReadAndTaken() throws Exception {
        given(searches.read("{}", 1)).willReturn(FaceSearch.NOTHING);
        given(looks.take(any(), anyLong(), any())).willReturn(new FirstLook(3, null, List.of()));
        http.perform(post("/sittings/5/face/guess")
                        .param("search", "{}")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isOk())
                .andExpect(content().string(not(containsString("role=\"alert\""))));
        verify(looks).take(RUNA, 5, FaceSearch.NOTHING);
    }

    /** Points that lie already stay, and the sentence is said all the same. */
    @Test
    void whatCannotBeReadIsSaid() throws Exception {
        given(looks.take(any(), anyLong(), any()))
                .willReturn(new FirstLook(3, null, List.of(PictureCheck.reason(SightCode.TOO_SMALL, 31))));
        http.perform(post("/sittings/5/face/guess").with(user(RUNA)).with(csrf()))
                .andExpect(content().string(containsString("31 pixels between the pupils, 40 are needed")));
    }

    /** Also without scripts: the picture itself is the button, and says what comes next. */
    @Test
    void threeTapsOnThePictureItselfLayThePoints() throws Exception {
        String first = http.perform(get("/sittings/5/face/taps").with(user(RUNA)))
                .andExpect(content().string(containsString("Tap the pupil on the left")))
                .andReturn()
                .getResponse()
                .getContentAsString();
        double scale = Double.parseDouble(first.replaceAll("(?s).*type=\"image\"[^>]* width=\"(\\d+)\".*", "$1"))
                / PICTURE.width();
        String taps = "";
        for (int i = 1; i < 3; i++) {
            String next = tapped(taps, 100 * i, 120).andReturn().getResponse().getContentAsString();
            assertThat(next).contains(i == 1 ? "Tap the other pupil" : "lowest edge");
            taps = next.replaceAll("(?s).*name=\"taps\" value=\"([^\"]*)\".*", "$1");
        }
        tapped(taps, 150, 300).andExpect(redirectedUrl("/sittings/5/face"));
        verify(faces)
                .template(
                        RUNA,
                        5,
                        new Point(100 / scale, 120 / scale),
                        new Point(200 / scale, 120 / scale),
                        new Point(150 / scale, 300 / scale));
    }

    private ResultActions tapped(String taps, int x, int y) throws Exception {
        return http.perform(post("/sittings/5/face/taps")
                .param("taps", taps)
                .param("at.x", String.valueOf(x))
                .param("at.y", String.valueOf(y))
                .with(user(RUNA))
                .with(csrf()));
    }

    @Test
    void threeTapsLayTheTemplateAndTwoDoNot() throws Exception {
        http.perform(post("/sittings/5/face/template")
                .param("taps", "300,400,500,400,400,780")
                .with(user(RUNA))
                .with(csrf()));
        verify(faces).template(RUNA, 5, new Point(300, 400), new Point(500, 400), new Point(400, 780));
        http.perform(post("/sittings/5/face/template")
                        .param("taps", "300,400,500,400")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(content().string(containsString("role=\"alert\"")));
    }

    @ParameterizedTest
    @EnumSource(PointsRefused.Why.class)
    void everyRefusedPointGetsASentenceOfItsOwn(PointsRefused.Why why) throws Exception {
        willThrow(new PointsRefused(why))
                .given(faces)
                .move(any(), anyLong(), any(), anyDouble(), anyDouble(), anyBoolean());
        http.perform(post("/sittings/5/face/point")
                        .param("point", "CHIN")
                        .param("dx", "0")
                        .param("dy", "-900")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(containsString("role=\"alert\""), not(containsString("points." + why)))));
    }

    @Test
    void aPointThatIsNoneIsNotHere() throws Exception {
        http.perform(post("/sittings/5/face/point")
                        .param("point", "ELBOW")
                        .param("dx", "1")
                        .param("dy", "1")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isNotFound());
    }

    @ParameterizedTest
    @EnumSource(Tick.class)
    void everyTickIsKept(Tick tick) throws Exception {
        http.perform(post("/sittings/5/face/tick")
                        .param("tick", tick.name())
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isOk());
        verify(faces).tick(RUNA, 5, tick);
    }

    @Test
    void shapeAndFindingsAreOverruledAndTheRulingTakenBack() throws Exception {
        http.perform(post("/sittings/5/face/shape")
                .param("shape", "HEART")
                .with(user(RUNA))
                .with(csrf()));
        verify(faces).rule(RUNA, 5, Shape.HEART);
        http.perform(post("/sittings/5/face/shape").with(user(RUNA)).with(csrf()));
        verify(faces).rule(RUNA, 5, (Shape) null);
        http.perform(post("/sittings/5/face/finding")
                .param("trait", "NOSE_WIDTH")
                .param("say", FaceSheet.TraitRuling.Say.values()[0].name())
                .with(user(RUNA))
                .with(csrf()));
        verify(faces).rule(RUNA, 5, Trait.NOSE_WIDTH, FaceSheet.TraitRuling.Say.values()[0]);
    }

    @Test
    void stepsGoBackAndForthAndPointsAreConfirmed() throws Exception {
        http.perform(post("/sittings/5/face/undo").with(user(RUNA)).with(csrf()))
                .andExpect(status().isOk());
        verify(faces).undo(RUNA.studio(), 5);
        http.perform(post("/sittings/5/face/redo").with(user(RUNA)).with(csrf()))
                .andExpect(status().isOk());
        verify(faces).redo(RUNA.studio(), 5);
        http.perform(post("/sittings/5/face/confirm")
                .param("look", "HAIRLINE")
                .with(user(RUNA))
                .with(csrf()));
        verify(faces).confirm(RUNA, 5, Glance.HAIRLINE);
    }

    @Test
    void anotherStudiosFaceIsNotMoved() throws Exception {
        given(sittings.get(any(), anyLong())).willThrow(new NotHere("sitting"));
        http.perform(post("/sittings/9/face/point")
                        .param("point", "CHIN")
                        .param("dx", "1")
                        .param("dy", "1")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isNotFound());
        verify(faces, never()).move(any(), anyLong(), any(), anyDouble(), anyDouble(), anyBoolean());
    }
}
