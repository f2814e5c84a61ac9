package scree.app.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
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
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static scree.app.Members.RUNA;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.mockito.ArgumentCaptor;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import scree.app.Members;
import scree.app.WebTest;
import scree.app.look.Cairn;
import scree.app.meter.MeterTrouble;
import scree.app.meter.Meters;
import scree.app.picture.Pictures;
import scree.app.picture.Upload;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.skin.PracticeCamera;
import scree.app.skin.Readings;
import scree.app.web.NotHere;
import scree.core.image.PictureRefused;
import scree.core.light.MeteredLight;

/** The Light stage with a meter that fails, pictures that are none, and rooms to practise in. */
@WebTest
class LightControllerTest {
    @Autowired
    private MockMvc http;

    @Autowired
    private Sittings sittings;

    @Autowired
    private Readings readings;

    @Autowired
    private Meters meters;

    @Autowired
    private Pictures pictures;

    @Autowired
    private Cairns cairns;

    @Autowired
    private PracticeCamera camera;

    private static final Sitting SITTING = Members.sitting(null, null, null, null);

    @BeforeEach
    void aSittingWithoutAnything() {
        given(sittings.get(any(), anyLong())).willReturn(SITTING);
        given(cairns.of(any(), any(), anyString())).willReturn(Cairn.stack(5, "Liv", 1, "8:00", List.of()));
        given(readings.of(any(), anyLong())).willReturn(Optional.empty());
        given(meters.metered(any(), anyLong())).willReturn(Optional.empty());
        given(meters.lightSetUp()).willReturn(true);
        given(pictures.latest(any(), any())).willReturn(Map.of());
    }

    @Test
    void withoutPictureAndMeterThePageAsksForOne() throws Exception {
        http.perform(get("/sittings/5/light").with(user(RUNA)))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("not known")))
                .andExpect(content().string(not(containsString("role=\"alert\""))));
    }

    @Test
    void aMeterAloneIsJudged() throws Exception {
        given(meters.metered(any(), anyLong())).willReturn(Optional.of(new MeteredLight(2700, .001, 90)));
        http.perform(get("/sittings/5/light").with(user(RUNA)))
                .andExpect(content().string(containsString("2700")));
    }

    @ParameterizedTest
    @EnumSource(MeterTrouble.Why.class)
    void everyTroubleOfTheMeterIsASentenceThatNamesTheWayOut(MeterTrouble.Why why) throws Exception {
        willThrow(new MeterTrouble(why)).given(meters).light(any(), anyLong());
        http.perform(post("/sittings/5/light/meter").with(user(RUNA)).with(csrf()))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("role=\"alert\""),
                                containsString("light meter"),
                                not(containsString("meter.light.")))));
    }

    @Test
    void aReadingOfTheMeterLeadsBackToThePage() throws Exception {
        http.perform(post("/sittings/5/light/meter").with(user(RUNA)).with(csrf()))
                .andExpect(redirectedUrl("/sittings/5/light"));
        verify(meters).light(RUNA.studio(), 5);
        http.perform(post("/sittings/5/light/meter/forget").with(user(RUNA)).with(csrf()))
                .andExpect(redirectedUrl("/sittings/5/light"));
        verify(meters).forgetLight(RUNA.studio(), 5);
    }

    @ParameterizedTest
    @EnumSource(PracticeCamera.Room.class)
    void everyRoomCanBePractisedIn(PracticeCamera.Room room) throws Exception {
        byte[] jpeg = room.name().getBytes();
        given(camera.photograph(SITTING, room)).willReturn(jpeg);
        http.perform(post("/sittings/5/light")
                        .param("room", room.name())
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(redirectedUrl("/sittings/5/light"));
        ArgumentCaptor<Upload> sent = ArgumentCaptor.forClass(Upload.class);
        verify(readings).take(eq(RUNA.studio()), eq(5L), sent.capture());
        assertThat(sent.getValue().bytes()).isEqualTo(jpeg);
    }

    @Test
    void aRoomThatIsNoneIsNotHere() throws Exception {
        http.perform(post("/sittings/5/light")
                        .param("room", "CELLAR")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isBadRequest())
                .andExpect(content().string(containsString("room")));
        verify(readings, never()).take(any(), anyLong(), any());
    }

    @ParameterizedTest
    @EnumSource(PictureRefused.Why.class)
    void aRefusedPictureIsExplainedOnTheSamePage(PictureRefused.Why why) throws Exception {
        willThrow(new PictureRefused(why)).given(readings).take(any(), anyLong(), any());
        http.perform(multipart("/sittings/5/light")
                        .file(new MockMultipartFile("picture", "x.jpg", "image/jpeg", new byte[] {1}))
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("role=\"alert\"")))
                .andExpect(content().string(not(containsString("picture." + why))));
    }

    @ParameterizedTest
    @EnumSource(Sitting.EventLight.class)
    void theEventsLightIsKept(Sitting.EventLight light) throws Exception {
        http.perform(post("/sittings/5/light/event")
                        .param("light", light.name())
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(redirectedUrl("/sittings/5/light"));
        verify(sittings).eventLight(RUNA.studio(), 5, light);
    }

    @Test
    void anotherStudiosSittingIsNeitherShownNorMetered() throws Exception {
        given(sittings.get(any(), anyLong())).willThrow(new NotHere("sitting"));
        http.perform(get("/sittings/9/light").with(user(RUNA))).andExpect(status().isNotFound());
        http.perform(post("/sittings/9/light/meter").with(user(RUNA)).with(csrf()))
                .andExpect(status().isNotFound());
        verify(meters, never()).light(any(), anyLong());
    }

    @Test
    void withoutTheTokenTheMeterIsNotAsked() throws Exception {
        http.perform(post("/sittings/5/light/meter").with(user(RUNA))).andExpect(status().isForbidden());
        verify(meters, never()).light(any(), anyLong());
    }
}
