package scree.app.intake;

import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.mockito.ArgumentMatchers.any;
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
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static scree.app.Members.RUNA;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import scree.app.Members;
import scree.app.WebTest;
import scree.app.look.Cairn;
import scree.app.remote.RemoteLinks;
import scree.app.sitting.Cairns;
import scree.app.sitting.Intake;
import scree.app.sitting.OwnColours;
import scree.app.sitting.Sittings;
import scree.app.web.NotHere;
import scree.app.web.StaleSave;
import scree.core.care.Care;
import scree.core.method.Occasion;
import scree.core.shade.Coverage;

/** The intake form: nothing typed is lost, cautions never block. */
@WebTest
class IntakeControllerTest {
    @Autowired
    private MockMvc http;

    @Autowired
    private Sittings sittings;

    @Autowired
    private Cairns cairns;

    @Autowired
    private RemoteLinks links;

    @BeforeEach
    void aSitting() {
        given(sittings.get(any(), anyLong())).willReturn(Members.sitting(null, null, null, null));
        given(cairns.of(any(), any(), anyString())).willReturn(Cairn.stack(5, "Liv", 1, "8:00", List.of()));
        given(links.answer(any(), anyLong())).willReturn(Optional.empty());
    }

    @Test
    void whatIsAnsweredIsKeptAndLeadsToTheLight() throws Exception {
        http.perform(post("/sittings/5/intake")
                        .param("occasion", "STAGE")
                        .param("lastsHours", "6")
                        .param("flash", "true")
                        .param("coverage", "FULL")
                        .param("patchTest", "CLEAR")
                        .param("bothers", "  red nose ")
                        .param("version", "3")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(redirectedUrl("/sittings/5/light"));
        verify(sittings)
                .saveIntake(
                        RUNA.studio(),
                        5,
                        3,
                        new Intake(
                                Occasion.STAGE,
                                6,
                                true,
                                Coverage.FULL,
                                null,
                                null,
                                Care.PatchTest.CLEAR,
                                null,
                                "red nose",
                                null,
                                OwnColours.UNTOLD,
                                false));
    }

    @ParameterizedTest
    @CsvSource({
        "lastsHours, 0",
        "lastsHours, 25",
        "lastsHours, long",
        "occasion, WEDDING",
        "coverage, THICK",
        "patchTest, MAYBE"
    })
    void answersThatAreNoneAreNotKeptAndTheRestStaysTyped(String field, String value) throws Exception {
        http.perform(post("/sittings/5/intake")
                        .param("version", "3")
                        .param("loves", "the cherry one")
                        .param(field, value)
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("the cherry one")));
        verify(sittings, never()).saveIntake(any(), anyLong(), anyInt(), any());
    }

    @Test
    void tooLongAStoryIsNamedAndKept() throws Exception {
        http.perform(post("/sittings/5/intake")
                        .param("version", "3")
                        .param("bothers", "b".repeat(501))
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(content().string(containsString("b".repeat(501))))
                .andExpect(content().string(containsString("bothers-problem")));
    }

    @Test
    void whenSomebodyElseSavedBothVersionsAreShown() throws Exception {
        willThrow(new StaleSave(Members.sitting(null, "stung by the other cream", null, null)))
                .given(sittings)
                .saveIntake(any(), anyLong(), anyInt(), any());
        http.perform(post("/sittings/5/intake")
                        .param("version", "3")
                        .param("reactions", "itched last year")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(containsString("itched last year"), containsString("stung by the other cream"))));
    }

    @Test
    void anAllergyIsCautionedOnThePageAndBlocksNothing() throws Exception {
        given(sittings.get(any(), anyLong())).willReturn(Members.sitting("nickel", null, "REACTED", "left cheek"));
        http.perform(get("/sittings/5/intake").with(user(RUNA)))
                .andExpect(content().string(containsString("class=\"caution\"")))
                .andExpect(content().string(not(containsString("caution.patch"))));
        http.perform(post("/sittings/5/intake?version=3").with(user(RUNA)).with(csrf()))
                .andExpect(redirectedUrl("/sittings/5/light"));
    }

    @Test
    void anotherStudiosSittingIsNotChanged() throws Exception {
        given(sittings.get(any(), anyLong())).willThrow(new NotHere("sitting"));
        http.perform(post("/sittings/9/intake").with(user(RUNA)).with(csrf())).andExpect(status().isNotFound());
        verify(sittings, never()).saveIntake(any(), anyLong(), anyInt(), any());
    }
}
