package scree.app.sheet;

import static org.hamcrest.Matchers.containsString;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.BDDMockito.given;
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

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import scree.app.Members;
import scree.app.WebTest;
import scree.app.studio.Member;
import scree.core.colour.Lab;
import scree.core.swatch.FieldRead;
import scree.core.swatch.SheetReading.Verdict;
import scree.core.swatch.SheetRefused;

/** The sheet's page: every verdict and refusal in words with the way out, nothing typed lost. */
@WebTest
class SheetControllerTest {
    private static final Member RUNA = Members.RUNA;
    private static final SwatchSheet SHEET = new SwatchSheet(7, 31, OffsetDateTime.now(), "Runa Vestby", 1, 0, 0);

    @Autowired
    private MockMvc mvc;

    @Autowired
    private Sheets sheets;

    @BeforeEach
    void aSheetOnWhichEveryVerdictStands() {
        List<FieldRead> fields = new ArrayList<>();
        for (int n = 1; n <= 12; n++) {
            Verdict verdict = Verdict.values()[n % Verdict.values().length];
            Lab colour = verdict.good() || verdict == Verdict.THIN ? Lab.of(60, 12, 20) : null;
            fields.add(new FieldRead(n, verdict, colour, .4, .3, .5, 1.1, .05, n == 6 ? .5 : 1, n == 5, null));
        }
        SheetPicture picture = new SheetPicture(
                3,
                SheetPicture.Stage.WET,
                OffsetDateTime.now(),
                true,
                5400.0,
                Lab.of(94, 0, -1),
                Lab.of(27, 0, 0),
                fields);
        given(sheets.get(any(), anyLong())).willReturn(SHEET);
        given(sheets.laid(any(), anyLong()))
                .willReturn(new Sheets.Laid(SHEET, Optional.of(picture), Optional.empty(), Map.of(), Map.of()));
    }

    @Test
    void everyFieldHasItsWordAndItsSentence() throws Exception {
        for (int n = 1; n <= 12; n++) {
            mvc.perform(get("/kit/sheets/7?field=" + n).with(user(RUNA)))
                    .andExpect(status().isOk())
                    .andExpect(content().string(containsString("Sheet 31")))
                    .andExpect(content().string(containsString("daylight of about 5400 K")));
        }
    }

    @ParameterizedTest
    @EnumSource(SheetRefused.Why.class)
    void aRefusedPictureSaysWhyAndWhatToDo(SheetRefused.Why why) throws Exception {
        given(sheets.read(any(), anyLong(), any())).willThrow(new SheetRefused(why));
        mvc.perform(multipart("/kit/sheets/7/picture")
                        .file(new MockMultipartFile("file", new byte[] {1}))
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("role=\"alert\"")))
                .andExpect(content().string(containsString("Nothing was changed.")));
        verify(sheets, never()).keep(any(), anyLong(), any());
    }

    @Test
    void aPictureOfAnotherSheetLeadsThere() throws Exception {
        given(sheets.read(any(), anyLong(), any())).willThrow(new Sheets.OtherSheet(12));
        given(sheets.withNumber(any(), org.mockito.ArgumentMatchers.eq(12)))
                .willReturn(Optional.of(new SwatchSheet(99, 12, OffsetDateTime.now(), "Runa Vestby", 0, 0, 0)));
        mvc.perform(multipart("/kit/sheets/7/picture")
                        .file(new MockMultipartFile("file", new byte[] {1}))
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(content().string(containsString("This is sheet 12")))
                .andExpect(content().string(containsString("/kit/sheets/99")));
    }

    @Test
    void aNameThatIsTooLongIsSaidAndKeptAsTyped() throws Exception {
        String typed = "n".repeat(61);
        mvc.perform(post("/kit/sheets/7/name?field=2")
                        .param("line", "Scarp")
                        .param("name", typed)
                        .param("role", "BLUSH")
                        .param("form", "POWDER")
                        .param("finish", "MATTE")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("at most 60 letters")))
                .andExpect(content().string(containsString("value=\"" + typed + "\"")));
        verify(sheets, never()).lay(any(), anyLong(), any());
    }

    @Test
    void aFieldThatNoSheetHasIsRefused() throws Exception {
        mvc.perform(post("/kit/sheets/7/clear?field=13").with(user(RUNA)).with(csrf()))
                .andExpect(status().isBadRequest());
    }

    @Test
    void theOnlyPictureIsSaidToHaveSettled() throws Exception {
        mvc.perform(post("/kit/sheets/7/restage").with(user(RUNA)).with(csrf()))
                .andExpect(redirectedUrl("/kit/sheets/7"));
        verify(sheets).restage(RUNA.studio(), 7);
    }
}
