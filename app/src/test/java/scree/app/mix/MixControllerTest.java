package scree.app.mix;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyBoolean;
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
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import scree.app.Members;
import scree.app.Onces;
import scree.app.Samples;
import scree.app.WebTest;
import scree.app.kit.Formula;
import scree.app.kit.Formulas;
import scree.app.kit.Product;
import scree.app.look.Cairn;
import scree.app.meter.MeterTrouble;
import scree.app.meter.Meters;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sittings;
import scree.app.web.NotHere;
import scree.app.web.Once;
import scree.core.colour.Lab;
import scree.core.mix.Batch;
import scree.core.mix.Carrier;
import scree.core.mix.Ingredient;
import scree.core.mix.Recipe;
import scree.core.mix.RecipeSearch;
import scree.core.skin.MatchTarget;

/** The mixing bench without a skin, with a failing meter, and with figures that are none. */
@WebTest
class MixControllerTest {
    @Autowired
    private MockMvc http;

    @Autowired
    private MixBench bench;

    @Autowired
    private TestMixes tests;

    @Autowired
    private Meters meters;

    @Autowired
    private Sittings sittings;

    @Autowired
    private Cairns cairns;

    @Autowired
    private Once once;

    @BeforeEach
    void aSittingWhoseSkinWasNotRead() {
        given(sittings.get(any(), anyLong())).willReturn(Members.sitting(null, null, null, null));
        given(cairns.of(any(), any(), anyString())).willReturn(Cairn.stack(5, "Liv", 1, "8:00", List.of()));
        given(bench.of(any(), anyLong())).willReturn(Optional.empty());
        Onces.letThrough(once);
    }

    @Test
    void withoutASkinTheBenchSendsToReadOne() throws Exception {
        http.perform(get("/sittings/5/base/mix").with(user(RUNA)))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("No skin to match yet")))
                .andExpect(content().string(containsString("/sittings/5/skin")));
    }

    @ParameterizedTest
    @EnumSource(MeterTrouble.Why.class)
    void everyTroubleOfTheMeterIsSaidAndNothingIsLogged(MeterTrouble.Why why) throws Exception {
        willThrow(new MeterTrouble(why)).given(bench).measure(any(), anyLong());
        http.perform(post("/sittings/5/base/mix/measure").with(user(RUNA)).with(csrf()))
                .andExpect(status().isOk())
                .andExpect(content().string(not(containsString("meter.skin." + why))));
        verify(tests, never()).tried(any(), anyLong(), any(), anyBoolean());
    }

    @Test
    void aColourReadElsewhereIsLoggedAlsoWithCommas() throws Exception {
        http.perform(post("/sittings/5/base/mix/tried")
                        .param("l", "61,5")
                        .param("a", " 9.25 ")
                        .param("b", "17")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isOk());
        verify(tests).tried(RUNA, 5, Lab.of(61.5, 9.25, 17), true);
    }

    @ParameterizedTest
    @CsvSource({"'', 9, 17", "61, nine, 17", "61, 9, 999", "130, 9, 17", "NaN, 9, 17"})
    void figuresThatAreNoneAreNotLogged(String l, String a, String b) throws Exception {
        http.perform(post("/sittings/5/base/mix/tried")
                        .param("l", l)
                        .param("a", a)
                        .param("b", b)
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isOk());
        verify(tests, never()).tried(any(), anyLong(), any(), anyBoolean());
    }

    @Test
    void whatVanishedNeedsASkinToHaveVanishedOn() throws Exception {
        http.perform(post("/sittings/5/base/mix/vanished").with(user(RUNA)).with(csrf()))
                .andExpect(status().isNotFound());
        http.perform(post("/sittings/5/base/mix/take").with(user(RUNA)).with(csrf()))
                .andExpect(status().isNotFound());
        verify(tests, never()).tried(any(), anyLong(), any(), anyBoolean());
    }

    /** A mix predicted 13 off that "vanished" is asked about before it teaches anything. */
    @Test
    void whatCannotHaveVanishedIsAskedAboutFirst() throws Exception {
        Lab skin = Lab.of(62, 11, 18);
        Ingredient deep = Ingredient.of(1, Lab.of(46, 14, 20), 1, Carrier.WATER);
        Product own = Samples.base(1, "deep", Lab.of(46, 14, 20), 0);
        MixBench.Bench far = new MixBench.Bench(
                new MatchTarget(skin, skin, skin, skin, MatchTarget.School.JAW_TO_NECK),
                new MixBench.Pool(Map.of(1L, own), Map.of(1L, Formulas.of((Formula) null, own)), List.of(deep)),
                new RecipeSearch.Found(Optional.empty(), Optional.empty(), Optional.empty()),
                MixSheet.of(List.of(new MixSheet.Part(1, 2))),
                Recipe.of(List.of(new Recipe.Part(deep, 2)), skin),
                Batch.Measures.usual(),
                false,
                false,
                false);
        given(bench.of(any(), anyLong())).willReturn(Optional.of(far));
        http.perform(post("/sittings/5/base/mix/vanished").with(user(RUNA)).with(csrf()))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("Did it really vanish?")));
        verify(tests, never()).tried(any(), anyLong(), any(), anyBoolean());
        http.perform(post("/sittings/5/base/mix/vanished?really=true")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isOk());
        verify(tests).tried(RUNA, 5, skin, false);
    }

    @Test
    void tapsBatchesAndStepsGoToTheBench() throws Exception {
        http.perform(post("/sittings/5/base/mix/tap")
                .param("product", "12")
                .param("by", "-1")
                .with(user(RUNA))
                .with(csrf()));
        verify(bench).tap(RUNA, 5, 12, -1);
        http.perform(post("/sittings/5/base/mix/lay")
                .param("products", "2")
                .with(user(RUNA))
                .with(csrf()));
        verify(bench).lay(RUNA, 5, 2);
        http.perform(post("/sittings/5/base/mix/undo")
                .param("back", "true")
                .with(user(RUNA))
                .with(csrf()));
        verify(bench).undo(RUNA.studio(), 5, true);
        http.perform(post("/sittings/5/base/mix/batch")
                .param("what", Batch.For.values()[0].name())
                .param("people", "3")
                .param("unit", Batch.Unit.values()[0].name())
                .with(user(RUNA))
                .with(csrf()));
        verify(bench).batch(RUNA, 5, Batch.For.values()[0], 3, Batch.Unit.values()[0]);
    }

    @Test
    void aTestOfAnotherStudiosSittingIsNotForgotten() throws Exception {
        given(sittings.get(any(), anyLong())).willThrow(new NotHere("sitting"));
        http.perform(post("/sittings/9/base/mix/forget")
                        .param("test", "4")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isNotFound());
        verify(tests, never()).forget(any(), anyLong());
    }
}
