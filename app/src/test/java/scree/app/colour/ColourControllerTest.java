package scree.app.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.hamcrest.Matchers.containsString;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
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
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mockito.ArgumentCaptor;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import scree.app.Members;
import scree.app.WebTest;
import scree.app.kit.Kit;
import scree.app.look.Cairn;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sittings;
import scree.app.web.NotHere;
import scree.core.harmony.ColourFamily;
import scree.core.harmony.Part;
import scree.core.judge.RoleWish.LipLook;
import scree.core.placement.FacePaint.Eyes;
import scree.core.placement.FacePaint.Lips;

/** The Colour stage before there is a face, and what each press on it does. */
@WebTest
class ColourControllerTest {
    @Autowired
    private MockMvc http;

    @Autowired
    private Sittings sittings;

    @Autowired
    private Colours colours;

    @Autowired
    private Kit kit;

    @Autowired
    private Cairns cairns;

    @BeforeEach
    void aSittingWithoutAFace() {
        given(sittings.get(any(), anyLong())).willReturn(Members.sitting(null, null, null, null));
        given(cairns.of(any(), any(), anyString())).willReturn(Cairn.stack(5, "Liv", 1, "8:00", List.of()));
        given(colours.of(any(), anyLong())).willReturn(Optional.empty());
    }

    private ResultActions press(String path, String... params) throws Exception {
        var request = post("/sittings/5/colour/" + path).with(user(RUNA)).with(csrf());
        for (int i = 0; i < params.length; i += 2) {
            request = request.param(params[i], params[i + 1]);
        }
        return http.perform(request);
    }

    /** Returns what a press made of the usual choice. */
    @SuppressWarnings("unchecked")
    private ColourSheet changed() {
        ArgumentCaptor<UnaryOperator<ColourSheet>> by = ArgumentCaptor.forClass(UnaryOperator.class);
        verify(colours).change(eq(RUNA), eq(5L), by.capture());
        return by.getValue().apply(ColourSheet.usual());
    }

    @Test
    void beforeTheFaceIsReadThePageLeadsThere() throws Exception {
        http.perform(get("/sittings/5/colour").with(user(RUNA)))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("/sittings/5/face")));
        http.perform(get("/sittings/5/colour/made.jpg").with(user(RUNA))).andExpect(status().isNotFound());
    }

    @Test
    void aFamilyIsWornOnLipsAndCheeksTogether() throws Exception {
        press("family", "part", "LIP", "family", "BERRY").andExpect(status().isOk());
        assertThat(changed().families())
                .isEqualTo(Map.of(Part.LIP, ColourFamily.BERRY, Part.CHEEK, ColourFamily.BERRY));
    }

    @ParameterizedTest
    @CsvSource({"LID, BERRY, 404", "NOSE, BERRY, 400", "LIP, MAUVE, 400"})
    void aFamilyThatIsNoneIsNotWorn(String part, String family, int expected) throws Exception {
        press("family", "part", part, "family", family).andExpect(status().is(expected));
        verify(colours, never()).change(any(), anyLong(), any());
    }

    @ParameterizedTest
    @CsvSource({"look, RICH", "lips, FULLER", "eyes, DEEP"})
    void waysAreChosen(String field, String value) throws Exception {
        press(field, "value", value).andExpect(status().isOk());
        ColourSheet now = changed();
        assertThat(List.of(now.look().name(), now.lips().name(), now.eyes().name()))
                .contains(value)
                .containsAnyOf(LipLook.NATURAL.name(), Lips.NATURAL.name(), Eyes.LIGHT.name());
    }

    @Test
    void aPartIsLeftBareAndALipTurned() throws Exception {
        press("part", "part", "LINER").andExpect(status().isOk());
        assertThat(changed().off()).containsExactly(Part.LINER);
    }

    @Test
    void anotherStudiosProductIsNotWorn() throws Exception {
        willThrow(new NotHere("product")).given(kit).get(any(), eq(77L));
        press("product", "part", "LIP", "product", "77").andExpect(status().isNotFound());
        verify(colours, never()).change(any(), anyLong(), any());
    }

    @Test
    void aSittingOfAnotherStudioIsNotTouched() throws Exception {
        given(sittings.get(any(), anyLong())).willThrow(new NotHere("sitting"));
        press("turn", "warmer", "true").andExpect(status().isNotFound());
        press("undo").andExpect(status().isNotFound());
        verify(colours, never()).change(any(), anyLong(), any());
        verify(colours, never()).undo(any(), anyLong());
    }

    // ---- what is kept ----

    @Test
    void twoFamiliesPartAndComeTogetherAgainOnTheLips() {
        ColourSheet two = ColourSheet.usual()
                .family(Part.LIP, ColourFamily.ROSE)
                .twoFamilies(true)
                .family(Part.CHEEK, ColourFamily.PEACH);
        assertThat(two.families()).containsEntry(Part.LIP, ColourFamily.ROSE);
        assertThat(two.twoFamilies(false).families()).containsEntry(Part.CHEEK, ColourFamily.ROSE);
    }

    @Test
    void aNewFamilyTakesTheHandPickedProductsOfItsPartsAway() {
        ColourSheet picked = ColourSheet.usual().using(Part.LIP, 4L).using(Part.LID, 5L);
        assertThat(picked.family(Part.LIP, ColourFamily.BRICK).products()).isEqualTo(Map.of(Part.LID, 5L));
    }

    @Test
    void aLipIsTurnedByThreeStepsAtMost() {
        ColourSheet far = ColourSheet.usual();
        for (int i = 0; i < 9; i++) {
            far = far.turned(-1);
        }
        assertThat(far.turn()).isEqualTo(-3);
        assertThatThrownBy(() -> new ColourSheet(null, false, null, null, null, 4, null, null))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
