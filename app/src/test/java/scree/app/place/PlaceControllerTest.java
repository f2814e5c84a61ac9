package scree.app.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyBoolean;
import static org.mockito.ArgumentMatchers.anyDouble;
import static org.mockito.ArgumentMatchers.anyInt;
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
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static scree.app.Members.RUNA;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.mockito.ArgumentCaptor;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import scree.app.Members;
import scree.app.WebTest;
import scree.app.base.Bases;
import scree.app.look.Cairn;
import scree.app.picture.Pictures;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sittings;
import scree.app.web.NotHere;
import scree.core.face.Side;
import scree.core.method.Aim;
import scree.core.method.PlacementMethod;
import scree.core.placement.Area;
import scree.core.placement.Family;
import scree.core.placement.Fault;
import scree.core.placement.MadeUp;

/** The Place stage before there is a plan, and what each press on it does. */
@WebTest
class PlaceControllerTest {
    @Autowired
    private MockMvc http;

    @Autowired
    private Sittings sittings;

    @Autowired
    private Placements placements;

    @Autowired
    private Previews previews;

    @Autowired
    private Pictures pictures;

    @Autowired
    private Bases bases;

    @Autowired
    private Cairns cairns;

    @BeforeEach
    void aSittingWithoutAPlan() {
        given(sittings.get(any(), anyLong())).willReturn(Members.sitting(null, null, null, null));
        given(cairns.of(any(), any(), anyString())).willReturn(Cairn.stack(5, "Liv", 1, "8:00", List.of()));
        given(placements.of(any(), anyLong())).willReturn(Optional.empty());
    }

    private org.springframework.test.web.servlet.ResultActions press(String path, String... params) throws Exception {
        var request = post("/sittings/5/place/" + path).with(user(RUNA)).with(csrf());
        for (int i = 0; i < params.length; i += 2) {
            request = request.param(params[i], params[i + 1]);
        }
        return http.perform(request);
    }

    @Test
    void beforeTheFaceIsReadThePageLeadsThere() throws Exception {
        http.perform(get("/sittings/5/place").with(user(RUNA)))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("/sittings/5/face")));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"made.jpg", "patch.jpg?area=BLUSH&side=LEFT&made=true", "chart.svg", "chart.pdf", "chart.png"})
    void withoutAPlanThereIsNoPictureOfIt(String path) throws Exception {
        http.perform(get("/sittings/5/place/" + path).with(user(RUNA))).andExpect(status().isNotFound());
        verify(previews, never()).whole(any(), anyLong(), any(), any(MadeUp.Light.class));
    }

    @Test
    void aChartOfAnotherKindIsNotHere() throws Exception {
        http.perform(get("/sittings/5/place/chart.exe").with(user(RUNA))).andExpect(status().isNotFound());
    }

    @Test
    @SuppressWarnings("unchecked")
    void aSchoolChangesOnlyItself() throws Exception {
        press("school", "field", "aim", "value", "LIFT").andExpect(status().isOk());
        ArgumentCaptor<UnaryOperator<PlacementMethod>> change = ArgumentCaptor.forClass(UnaryOperator.class);
        verify(placements).method(any(), anyLong(), change.capture());
        assertThat(change.getValue().apply(PlacementMethod.usual()))
                .isEqualTo(PlacementMethod.usual().withAim(Aim.LIFT));
    }

    @ParameterizedTest
    @CsvSource({"aim, SIDEWAYS", "colour, LIFT"})
    void aSchoolThatIsNoneIsNotHere(String field, String value) throws Exception {
        given(placements.toString()).willReturn("placements");
        org.mockito.BDDMockito.willAnswer(call -> {
                    UnaryOperator<PlacementMethod> change = call.getArgument(2);
                    change.apply(PlacementMethod.usual());
                    return null;
                })
                .given(placements)
                .method(any(), anyLong(), any());
        press("school", "field", field, "value", value).andExpect(status().isNotFound());
    }

    @ParameterizedTest
    @EnumSource(Family.class)
    void aFamilyIsSwitched(Family family) throws Exception {
        press("family", "family", family.name()).andExpect(status().isOk());
        verify(placements).family(RUNA, 5, family);
    }

    @Test
    void strengthIsGivenInHundredths() throws Exception {
        press("strength", "area", "BLUSH", "side", "LEFT", "strength", "65").andExpect(status().isOk());
        verify(placements).strength(RUNA, 5, Area.BLUSH, Side.LEFT, .65);
    }

    @Test
    void aStrengthThatNoStrokeHasIsRefusedInWords() throws Exception {
        willThrow(new IllegalArgumentException("strength is 9"))
                .given(placements)
                .strength(any(), anyLong(), any(), any(), anyDouble());
        press("strength", "area", "BLUSH", "side", "LEFT", "strength", "900").andExpect(status().isOk());
    }

    @ParameterizedTest
    @EnumSource(Fault.Remedy.class)
    void everyRemedyIsOneTap(Fault.Remedy remedy) throws Exception {
        press("mend", "area", "UNDER_EYE_LIGHT", "side", "RIGHT", "remedy", remedy.name())
                .andExpect(status().isOk());
        switch (remedy) {
            case BACK -> verify(placements).back(RUNA, 5, Area.UNDER_EYE_LIGHT, Side.RIGHT);
            case LEAVE_OUT -> verify(placements).leaveOut(RUNA, 5, Area.UNDER_EYE_LIGHT, Side.RIGHT, true);
            case CORNERS -> verify(placements).method(any(), anyLong(), any());
        }
    }

    @Test
    void zonesAreLeftOutBroughtBackAndGivenAProduct() throws Exception {
        press("out", "area", "CHIN_LIGHT", "side", "CENTRE");
        verify(placements).leaveOut(RUNA, 5, Area.CHIN_LIGHT, Side.CENTRE, true);
        press("out", "area", "CHIN_LIGHT", "side", "CENTRE", "out", "false");
        verify(placements).leaveOut(RUNA, 5, Area.CHIN_LIGHT, Side.CENTRE, false);
        press("product", "area", "BLUSH", "product", "12");
        verify(placements).product(RUNA, 5, Area.BLUSH, 12L);
        press("product", "area", "BLUSH");
        verify(placements).product(RUNA, 5, Area.BLUSH, null);
        press("undo");
        verify(placements).undo(RUNA.studio(), 5);
        press("redo");
        verify(placements).redo(RUNA.studio(), 5);
    }

    @Test
    void aZoneOfAFaceWithoutAPlanCannotBeMoved() throws Exception {
        press("move", "area", "BLUSH", "side", "LEFT", "handle", "0", "dx", "3", "dy", "1")
                .andExpect(status().isNotFound());
        verify(placements, never()).move(any(), anyLong(), any(), any(), anyInt(), anyDouble(), anyDouble());
    }

    @Test
    void anotherStudiosPlanIsNotTouched() throws Exception {
        given(sittings.get(any(), anyLong())).willThrow(new NotHere("sitting"));
        press("out", "area", "BLUSH", "side", "LEFT").andExpect(status().isNotFound());
        verify(placements, never()).leaveOut(any(), anyLong(), any(), any(), anyBoolean());
    }
}
