package scree.app.base;

import static org.hamcrest.Matchers.allOf;
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
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import scree.app.Members;
import scree.app.WebTest;
import scree.app.kit.DryDowns;
import scree.app.look.Cairn;
import scree.app.meter.MeterTrouble;
import scree.app.meter.Meters;
import scree.app.picture.Pictures;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sittings;
import scree.app.skin.Readings;
import scree.core.shade.DryDown;
import scree.core.shade.NeckBridge;

/** The rooms of Base when something is missing, fails, or is asked by somebody who may not. */
@WebTest
class RoomControllersTest {
    @Autowired
    private MockMvc http;

    @Autowired
    private Bases bases;

    @Autowired
    private BaseSettings settings;

    @Autowired
    private StripeTests tests;

    @Autowired
    private NeckBridges bridges;

    @Autowired
    private DryDowns dryDowns;

    @Autowired
    private Meters meters;

    @Autowired
    private Readings readings;

    @Autowired
    private Pictures pictures;

    @Autowired
    private Sittings sittings;

    @Autowired
    private Cairns cairns;

    @BeforeEach
    void aSittingWithoutASkin() {
        given(sittings.get(any(), anyLong())).willReturn(Members.sitting(null, null, null, null));
        given(cairns.of(any(), any(), anyString())).willReturn(Cairn.stack(5, "Liv", 1, "8:00", List.of()));
        given(bases.shortlist(any(), anyLong(), any())).willReturn(Optional.empty());
        given(bases.choice(any(), anyLong())).willReturn(Optional.empty());
        given(readings.of(any(), anyLong())).willReturn(Optional.empty());
        given(bridges.of(any(), anyLong())).willReturn(Optional.empty());
        given(tests.watched(any(), anyLong())).willReturn(Map.of());
    }

    @ParameterizedTest
    @ValueSource(strings = {"stripes", "tones", "neck"})
    void withoutASkinEachRoomSaysWhatItLacks(String room) throws Exception {
        http.perform(get("/sittings/5/base/" + room).with(user(RUNA)))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("No skin to match yet"),
                                containsString("/sittings/5/skin"),
                                containsString("aria-current=\"page\""),
                                not(containsString("style=\"")))));
    }

    @ParameterizedTest
    @ValueSource(strings = {"stripes", "tones", "neck"})
    void nobodyComesInWithoutSigningIn(String room) throws Exception {
        http.perform(get("/sittings/5/base/" + room)).andExpect(status().is3xxRedirection());
        http.perform(post("/sittings/5/base/" + room).with(user(RUNA))).andExpect(status().isForbidden());
    }

    @Test
    void aMeterThatDoesNotAnswerSaysSoAndNothingIsLearned() throws Exception {
        willThrow(new MeterTrouble(MeterTrouble.Why.SLOW)).given(tests).measure(any(), anyLong(), anyLong());
        http.perform(post("/sittings/5/base/stripes/measure?product=3")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isOk());
        verify(dryDowns, never()).measured(any(), anyLong(), anyLong(), any());
    }

    @Test
    void anAnswerThatIsNoneIsRefused() throws Exception {
        http.perform(post("/sittings/5/base/stripes/answer?product=3&answer=LOVELY")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().is4xxClientError());
        verify(tests, never()).answer(any(), anyLong(), anyLong(), any());
    }

    @Test
    void answersLaysAndLiftsReachTheTests() throws Exception {
        http.perform(post("/sittings/5/base/stripes/answer?product=3&answer=TOO_PINK")
                .with(user(RUNA))
                .with(csrf()));
        http.perform(post("/sittings/5/base/stripes/lay?product=3&minutes=8")
                .with(user(RUNA))
                .with(csrf()));
        http.perform(
                post("/sittings/5/base/stripes/lift?product=3").with(user(RUNA)).with(csrf()));
        http.perform(post("/sittings/5/base/stripes/forget?product=3&seen=9")
                .with(user(RUNA))
                .with(csrf()));
        verify(tests).answer(RUNA, 5, 3, DryDown.Answer.TOO_PINK);
        verify(tests).lay(RUNA.studio(), 5, List.of(3L), 8);
        verify(tests).lift(RUNA.studio(), 5, 3);
        verify(dryDowns).forget(RUNA.studio(), 3, 9);
    }

    @Test
    void twoTonesOfASittingWithoutAReadingCannotBeTaken() throws Exception {
        http.perform(post("/sittings/5/base/tones")
                        .param("inner", "1")
                        .param("outer", "2")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isNotFound());
        verify(bases, never()).keep(any(), anyLong(), any(), any(), any(), anyLong());
    }

    @Test
    void aWayToTheNeckIsKeptByItsName() throws Exception {
        http.perform(post("/sittings/5/base/neck/keep?way=VEIL")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isOk());
        verify(bridges).keep(RUNA.studio(), 5, NeckBridge.Way.VEIL);
        http.perform(post("/sittings/5/base/neck/collar").with(user(RUNA)).with(csrf()))
                .andExpect(status().isOk());
        verify(settings).toggle(RUNA.studio(), 5, BaseSetting.Ask.LIGHT_COLLAR);
    }
}
