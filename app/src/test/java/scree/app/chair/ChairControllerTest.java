package scree.app.chair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.BDDMockito.given;
import static org.mockito.BDDMockito.then;
import static org.mockito.Mockito.never;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mockito.ArgumentCaptor;
import org.mockito.Captor;
import org.mockito.MockitoAnnotations;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import scree.app.Members;
import scree.app.WebTest;
import scree.app.picture.Pictures;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.core.image.PictureRefused;
import scree.core.routine.Progress;
import scree.core.routine.StepCode;

/** What devices send to a chair: taken as it is meant, and refused whole where no page sends it. */
@WebTest
class ChairControllerTest {
    private static final String DEVICE = "0f0e0d0c-0b0a-4908-8706-050403020100";

    @Autowired
    private MockMvc http;

    @Autowired
    private Chairs chairs;

    @Autowired
    private Sittings sittings;

    @Autowired
    private Pictures pictures;

    @Captor
    private ArgumentCaptor<List<Chairs.Said>> said;

    @BeforeEach
    void aSitting() {
        MockitoAnnotations.openMocks(this);
        given(sittings.get(any(), anyLong())).willReturn(Members.sitting(null, null, null, null));
        given(chairs.since(any(), anyLong(), anyLong())).willReturn(List.of());
        given(chairs.of(any(), anyLong())).willReturn(Optional.empty());
        given(chairs.no(any(), anyLong())).willReturn(3);
    }

    private org.springframework.test.web.servlet.ResultActions send(String notes) throws Exception {
        return http.perform(post("/sittings/5/chair/notes")
                .with(user(Members.RUNA))
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content(notes));
    }

    @Test
    void aNoteIsTakenAndTheAnswerTellsTheTimeAndThePlan() throws Exception {
        send("[{\"device\":\"" + DEVICE
                        + "\",\"seq\":1,\"kind\":\"NOTE\",\"step\":\"BASE\",\"at\":1750000000000,\"words\":\" thin\\u0000ner \"}]")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.no").value(3))
                .andExpect(jsonPath("$.now").value(WebTest.NOW.toEpochMilli()))
                .andExpect(jsonPath("$.token").isNotEmpty())
                .andExpect(header().string("Cache-Control", "no-store"));
        then(chairs).should().note(any(), eq(5L), said.capture());
        assertThat(said.getValue())
                .containsExactly(
                        new Chairs.Said(DEVICE, 1, Progress.Kind.NOTE, StepCode.BASE, 1750000000000L, "thinner", null));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{\"device\":\"tablet\",\"seq\":1,\"kind\":\"DONE\",\"step\":\"BASE\",\"at\":1}",
                "{\"device\":\"" + DEVICE + "\",\"seq\":0,\"kind\":\"DONE\",\"step\":\"BASE\",\"at\":1}",
                "{\"device\":\"" + DEVICE + "\",\"seq\":1,\"kind\":\"DONE\",\"at\":1}",
                "{\"device\":\"" + DEVICE + "\",\"seq\":1,\"step\":\"BASE\",\"at\":1}",
                "{\"device\":\"" + DEVICE + "\",\"seq\":1,\"kind\":\"DONE\",\"step\":\"BASE\",\"at\":-5}",
                "{\"device\":\"" + DEVICE + "\",\"seq\":1,\"kind\":\"ERASED\",\"step\":\"BASE\",\"at\":1}",
                "{\"device\":\"" + DEVICE + "\",\"seq\":1,\"kind\":\"DONE\",\"step\":\"WALL\",\"at\":1}",
                "not json"
            })
    void whatNoPageSendsIsRefusedAndNothingIsTaken(String note) throws Exception {
        send("[" + note + "]").andExpect(status().isBadRequest());
        then(chairs).should(never()).note(any(), anyLong(), any());
    }

    @Test
    void tooManyAndTooLongAreRefused() throws Exception {
        String one = "{\"device\":\"" + DEVICE + "\",\"seq\":1,\"kind\":\"DONE\",\"step\":\"BASE\",\"at\":1}";
        send("[" + (one + ",").repeat(500) + one + "]").andExpect(status().isBadRequest());
        send("[" + one.replace("\"at\":1", "\"at\":1,\"words\":\"" + "x".repeat(2001) + "\"") + "]")
                .andExpect(status().isBadRequest());
        then(chairs).should(never()).note(any(), anyLong(), any());
    }

    @Test
    void whoIsNotSignedInIsToldSoAndNothingIsTaken() throws Exception {
        http.perform(post("/sittings/5/chair/notes")
                        .with(csrf())
                        .header("HX-Request", "true")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("[]"))
                .andExpect(status().isUnauthorized());
        then(chairs).should(never()).note(any(), anyLong(), any());
    }

    @Test
    void aPictureThatCannotBeReadIsRefusedAndNoNoteOfItIsKept() throws Exception {
        given(pictures.ready(any())).willThrow(new PictureRefused(PictureRefused.Why.NOT_A_PICTURE));
        http.perform(multipart("/sittings/5/chair/picture")
                        .file(new MockMultipartFile("picture", new byte[] {1, 2, 3}))
                        .param("device", DEVICE)
                        .param("seq", "1")
                        .param("step", "LOOK")
                        .param("at", "1750000000000")
                        .with(user(Members.RUNA))
                        .with(csrf()))
                .andExpect(status().isUnprocessableContent());
        then(chairs).should(never()).picture(any(), anyLong(), any(), any());
    }

    /** It is nine in Oslo: of today's faces the first that is not done counts, by whoever has this one in the chair. */
    @Test
    void theNextFaceIsTheArtistsNextOfToday() throws Exception {
        LocalDate today = LocalDate.of(2026, 6, 20);
        given(sittings.on(any(), eq(today)))
                .willReturn(List.of(
                        Members.sittingAt(6, 1, today.atTime(8, 20), 40, true),
                        Members.sittingAt(7, 2, today.atTime(8, 30), 40, false),
                        Members.sittingAt(8, 1, today.atTime(8, 50), 40, false),
                        Members.sittingAt(9, 1, today.atTime(10, 10), 40, false)));
        assertThat(nextFace(Members.sittingAt(5, 1, today.atTime(8, 0), 40, false)))
                .as("it waits already")
                .isEqualTo("08:50");
        assertThat(nextFace(Members.sittingAt(5, 1, today.minusDays(3).atTime(8, 0), 40, false)))
                .as("done on another day than its own")
                .isEqualTo("10:10");
        assertThat(nextFace(Members.sittingAt(9, 1, today.atTime(10, 10), 40, false)))
                .as("the last of the day")
                .isNull();
    }

    /** A day is laid anew while somebody sits in the chair. */
    @Test
    void aDeviceThatLooksAroundIsToldTheNextFaceByNow() throws Exception {
        LocalDate today = LocalDate.of(2026, 6, 20);
        given(sittings.get(any(), anyLong())).willReturn(Members.sittingAt(5, 1, today.atTime(8, 0), 40, false));
        given(sittings.on(any(), eq(today)))
                .willReturn(List.of(Members.sittingAt(8, 1, today.atTime(9, 50), 40, false)));
        http.perform(get("/sittings/5/chair/state?look=true").with(user(Members.RUNA)))
                .andExpect(jsonPath("$.next.words").value("09:50"))
                .andExpect(jsonPath("$.next.at")
                        .value(Instant.parse("2026-06-20T07:50:00Z").toEpochMilli()));
        http.perform(get("/sittings/5/chair/state").with(user(Members.RUNA)))
                .andExpect(jsonPath("$.next").isEmpty());
    }

    private String nextFace(Sitting sitting) throws Exception {
        given(sittings.get(any(), anyLong())).willReturn(sitting);
        given(chairs.of(any(), anyLong()))
                .willReturn(Optional.of(ChairViewTest.chair(sitting, ChairViewTest.plan(false))));
        given(chairs.offered(any(), any())).willReturn(Optional.empty());
        Object view = http.perform(get("/sittings/5/chair").with(user(Members.RUNA)))
                .andExpect(status().isOk())
                .andReturn()
                .getModelAndView()
                .getModel()
                .get("view");
        ChairView.Next next = ((ChairView) view).script().next();
        return next == null ? null : next.words();
    }

    @Test
    void aDeviceThatAsksIsToldWhatIsNew() throws Exception {
        http.perform(get("/sittings/5/chair/state").with(user(Members.RUNA)))
                .andExpect(status().isOk())
                .andExpect(content().contentTypeCompatibleWith(MediaType.APPLICATION_JSON))
                .andExpect(jsonPath("$.notes").isEmpty());
    }
}
