package scree.app.correct;

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
import java.util.Set;
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
import scree.app.correct.CorrectSheet.Dab;
import scree.app.correct.CorrectSheet.Hand;
import scree.app.correct.CorrectSheet.Shown;
import scree.app.look.Cairn;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sittings;
import scree.app.web.NotHere;
import scree.core.method.CoverSchool;

/** The Correct stage before there is a skin, what presses on it do, and what a state refuses. */
@WebTest
class CorrectControllerTest {
    @Autowired
    private MockMvc http;

    @Autowired
    private Sittings sittings;

    @Autowired
    private Corrections corrections;

    @Autowired
    private Cairns cairns;

    @BeforeEach
    void aSittingWithoutASkin() {
        given(sittings.get(any(), anyLong())).willReturn(Members.sitting(null, null, null, null));
        given(cairns.of(any(), any(), anyString())).willReturn(Cairn.stack(5, "Liv", 1, "8:00", List.of()));
        given(corrections.of(any(), anyLong())).willReturn(Optional.empty());
    }

    private ResultActions press(String path, String... params) throws Exception {
        var request = post("/sittings/5/correct/" + path).with(user(RUNA)).with(csrf());
        for (int i = 0; i < params.length; i += 2) {
            request = request.param(params[i], params[i + 1]);
        }
        return http.perform(request);
    }

    @Test
    void beforeTheSkinIsReadThePageLeadsThere() throws Exception {
        http.perform(get("/sittings/5/correct").with(user(RUNA)))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("/sittings/5/skin")));
        http.perform(get("/sittings/5/correct/made.jpg").with(user(RUNA))).andExpect(status().isNotFound());
    }

    @Test
    @SuppressWarnings("unchecked")
    void theSchoolIsChosen() throws Exception {
        press("school", "school", "BY_TABLE").andExpect(status().isOk());
        ArgumentCaptor<UnaryOperator<CorrectSheet>> by = ArgumentCaptor.forClass(UnaryOperator.class);
        verify(corrections).change(eq(RUNA), eq(5L), by.capture());
        assertThat(by.getValue().apply(CorrectSheet.usual()).school()).isEqualTo(CoverSchool.BY_TABLE);
        press("school", "school", "MINE").andExpect(status().isBadRequest());
    }

    @ParameterizedTest
    @CsvSource({
        "leave",
        "anew",
        "note",
        "broken?spot=1",
        "amount?under=true&layer=0&of=1&lay=MORE",
        "lower?under=true&layer=0&of=1"
    })
    void aMarkThatIsNotThereIsNotTouched(String path) throws Exception {
        willThrow(new NotHere("mark")).given(corrections).edit(any(), anyLong(), any(), any());
        http.perform(post("/sittings/5/correct/" + path)
                        .param("mark", "SPOT-99")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isNotFound());
        verify(corrections, never()).change(any(), anyLong(), any());
    }

    @Test
    void aSittingOfAnotherStudioIsNotTouched() throws Exception {
        given(sittings.get(any(), anyLong())).willThrow(new NotHere("sitting"));
        press("school", "school", "BY_TABLE").andExpect(status().isNotFound());
        press("undo").andExpect(status().isNotFound());
        verify(corrections, never()).change(any(), anyLong(), any());
        verify(corrections, never()).undo(any(), anyLong());
    }

    @Test
    void aHandLaysTakesOffAndLaysEarlier() {
        Dab peach = new Dab(1L, "Peach", 2);
        Dab sand = new Dab(2L, "Sand", 4);
        Hand hand = new Hand(List.of(peach), List.of()).with(true, -1, sand);
        assertThat(hand.under()).containsExactly(peach, sand);
        assertThat(hand.lower(new Shown(true, 1, 2)).under()).containsExactly(sand, peach);
        assertThat(hand.lower(new Shown(true, 0, 1))).isEqualTo(hand);
        assertThat(hand.changed(new Shown(true, 0, 1), dab -> null).under()).containsExactly(sand);
        assertThat(CorrectSheet.usual().by("CHEEK", hand).by("CHEEK", null)).isEqualTo(CorrectSheet.usual());
        assertThat(CorrectSheet.usual().leaving("CHEEK").leaving("CHEEK")).isEqualTo(CorrectSheet.usual());
        assertThat(CorrectSheet.usual()
                        .noting("CHEEK", " healed ")
                        .noting("CHEEK", " ")
                        .notes())
                .isEmpty();
    }

    /** A tap may come after another that moved the layer or took it off. */
    @Test
    void aTapIsForTheLayerThatWasSeenWhereverItLiesNow() {
        Dab peach = new Dab(1L, "Peach", 2);
        Dab base = new Dab(null, "Base", 4);
        Hand hand = new Hand(List.of(peach, base), List.of());
        Shown shown = new Shown(true, 1, 0);
        assertThat(hand.lower(shown).changed(shown, Dab::more).under()).containsExactly(base.more(), peach);
        assertThat(hand.lower(shown).lower(shown)).isEqualTo(hand.lower(shown));
        Shown first = new Shown(true, 0, 1);
        Hand without = hand.changed(first, dab -> null);
        assertThat(without.changed(first, dab -> null).under()).containsExactly(base);
        assertThat(without.changed(first, Dab::more)).isEqualTo(without);
        assertThat(without.changed(new Shown(false, 7, 1), Dab::more)).isEqualTo(without);
    }

    @ParameterizedTest
    @CsvSource({"1, , 2", "2, 1, 4", "4, 2, 6", "6, 4, 8", "11, 9, 12", "12, 10, 12"})
    void amountsGoUpAndDownByThinCoatsAndTheThinnestCanBeTakenOff(int quarters, Integer less, int more) {
        Dab dab = new Dab(1L, "Peach", quarters);
        assertThat(dab.more().quarters()).isEqualTo(more);
        assertThat(Optional.ofNullable(dab.less()).map(Dab::quarters)).isEqualTo(Optional.ofNullable(less));
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatThrownBy(() -> new Dab(1L, "Peach", 0)).hasMessageContaining("a quarter of a coat");
        assertThatThrownBy(() -> new Dab(1L, "Peach", 13)).hasMessageContaining("three coats");
        Dab dab = new Dab(1L, "Peach", 2);
        assertThatThrownBy(() -> new Hand(List.of(dab, dab, dab, dab), List.of()))
                .hasMessageContaining("at most 3");
        assertThatThrownBy(() -> new CorrectSheet(null, Map.of(), Set.of(), Map.of("CHEEK", "x".repeat(301)), Set.of()))
                .hasMessageContaining("300 letters");
    }
}
