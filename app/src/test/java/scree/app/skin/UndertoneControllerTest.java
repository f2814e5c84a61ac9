package scree.app.skin;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.mockito.ArgumentMatchers.any;
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
import org.junit.jupiter.params.provider.EnumSource;
import org.mockito.InOrder;
import org.mockito.Mockito;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import scree.app.Members;
import scree.app.WebTest;
import scree.app.look.Cairn;
import scree.app.picture.Pictures;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sittings;
import scree.app.web.NotHere;
import scree.core.skin.Answer;
import scree.core.skin.Testimony;
import scree.core.skin.Witness;

/** The bench before any picture: witnesses speak, are set aside, and take their word back. */
@WebTest
class UndertoneControllerTest {
    @Autowired
    private MockMvc http;

    @Autowired
    private Sittings sittings;

    @Autowired
    private Readings readings;

    @Autowired
    private Pictures pictures;

    @Autowired
    private Cairns cairns;

    @BeforeEach
    void aSittingWithoutAPicture() {
        given(sittings.get(any(), anyLong())).willReturn(Members.sitting(null, null, null, null));
        given(cairns.of(any(), any(), anyString())).willReturn(Cairn.stack(5, "Liv", 1, "8:00", List.of()));
        given(readings.of(any(), anyLong())).willReturn(Optional.empty());
        given(readings.said(any(), anyLong())).willReturn(Map.of());
    }

    @Test
    void theBenchIsThereBeforeAnyPicture() throws Exception {
        http.perform(get("/sittings/5/undertone").with(user(RUNA)))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("VEINS_BLUE")))
                .andExpect(content().string(not(containsString("MEASURED_AS_READ"))));
    }

    @ParameterizedTest
    @EnumSource(value = Answer.class, names = "MEASURED_AS_READ", mode = EnumSource.Mode.EXCLUDE)
    void everyAnswerIsKeptWithWhoAskedAndComesBackPressed(Answer answer) throws Exception {
        given(readings.said(any(), anyLong())).willReturn(Map.of(answer.witness(), new Testimony(answer, false)));
        http.perform(post("/sittings/5/undertone")
                        .param("answer", answer.name())
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("aria-pressed=\"true\"")))
                .andExpect(content().string(not(containsString("<html"))));
        verify(readings).say(RUNA, 5, answer);
    }

    /** Only what was said can be set aside, so the measurement first says what it says. */
    @Test
    void theMeasurementSpeaksBeforeItIsSetAside() throws Exception {
        http.perform(post("/sittings/5/undertone/strike")
                        .param("witness", "MEASURED")
                        .param("struck", "true")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isOk());
        InOrder order = Mockito.inOrder(readings);
        order.verify(readings).say(RUNA, 5, Answer.MEASURED_AS_READ);
        order.verify(readings).strike(RUNA.studio(), 5, Witness.MEASURED, true);
    }

    @Test
    void anotherWitnessIsSetAsideWithoutSayingAnything() throws Exception {
        http.perform(post("/sittings/5/undertone/strike")
                        .param("witness", "VEINS")
                        .param("struck", "false")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isOk());
        verify(readings, never()).say(any(), anyLong(), any());
        verify(readings).strike(RUNA.studio(), 5, Witness.VEINS, false);
    }

    @Test
    void aWordIsTakenBack() throws Exception {
        http.perform(post("/sittings/5/undertone/unsay")
                        .param("witness", "PAST")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isOk());
        verify(readings).unsay(RUNA.studio(), 5, Witness.PAST);
    }

    @Test
    void anAnswerThatIsNoneChangesNothing() throws Exception {
        http.perform(post("/sittings/5/undertone")
                        .param("answer", "VEINS_GOLD")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isBadRequest());
        verify(readings, never()).say(any(), anyLong(), any());
    }

    @Test
    void anotherStudiosSittingCannotBeToldAnything() throws Exception {
        willThrow(new NotHere("sitting")).given(readings).say(any(), anyLong(), any());
        http.perform(post("/sittings/99/undertone")
                        .param("answer", "VEINS_BLUE")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isNotFound());
    }
}
