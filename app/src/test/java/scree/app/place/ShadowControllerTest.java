package scree.app.place;

import static org.assertj.core.api.Assertions.assertThat;
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
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static scree.app.Members.RUNA;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import scree.app.Members;
import scree.app.WebTest;
import scree.app.look.Cairn;
import scree.app.picture.Pictures;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sittings;
import scree.core.image.PictureRefused;
import scree.core.image.Raster;

/** The own shadow's page: a picture is answered in words and kept nowhere, and nothing impossible is taken. */
@WebTest
class ShadowControllerTest {
    private static final int LIT = 0xC89878;
    private static final int SHADE = 0xA07A62;
    private static final int WIDE = 600;

    @Autowired
    private MockMvc http;

    @Autowired
    private Sittings sittings;

    @Autowired
    private Placements placements;

    @Autowired
    private Pictures pictures;

    @Autowired
    private Cairns cairns;

    @BeforeEach
    void aSitting() {
        given(sittings.get(any(), anyLong())).willReturn(Members.sitting(null, null, null, null));
        given(cairns.of(any(), any(), anyString())).willReturn(Cairn.stack(5, "Liv", 1, "8:00", List.of()));
        given(placements.of(any(), anyLong())).willReturn(Optional.empty());
    }

    /** Half lit, half in shade. */
    private void picture(int left, int right) {
        int[] rgb = new int[WIDE * WIDE];
        for (int i = 0; i < rgb.length; i++) {
            rgb[i] = i % WIDE < WIDE / 2 ? left : right;
        }
        given(pictures.ready(any()))
                .willReturn(new Pictures.Ready(new Raster(WIDE, WIDE, rgb), new byte[] {1}, new byte[] {1}, "", null));
    }

    private ResultActions read(String... params) throws Exception {
        var request = multipart("/sittings/5/place/shadow/read")
                .file(new MockMultipartFile("picture", "p.jpg", "image/jpeg", new byte[] {1}));
        for (int i = 0; i < params.length; i += 2) {
            request.param(params[i], params[i + 1]);
        }
        return http.perform(request.with(user(RUNA)).with(csrf()));
    }

    @Test
    void itSaysHowToTakeItAndThatNobodyLooksAtTheSun() throws Exception {
        http.perform(get("/sittings/5/place/shadow").with(user(RUNA)))
                .andExpect(status().isOk())
                .andExpect(content().string(allOf(containsString("looks at the sun"), containsString("not kept"))));
    }

    @Test
    void aShadowIsFoundAndSaidByDayAndByALamp() throws Exception {
        picture(LIT, SHADE);
        read().andExpect(content().string(allOf(containsString("of the light here"), containsString("ranked by it"))));
        read("daylight", "false").andExpect(content().string(containsString("only a limit")));
        verify(pictures, never()).store(any(), anyLong(), any());
    }

    @Test
    void whereNoneIsFoundItCanBeMarked() throws Exception {
        picture(LIT, LIT);
        read().andExpect(content()
                .string(allOf(containsString("Mark lit skin and shade"), containsString("shadow-mark"))));
        read("litX", ".3", "litY", ".5", "shadeX", ".7", "shadeY", ".5")
                .andExpect(content().string(containsString("hardly darker")));
    }

    @ParameterizedTest
    @EnumSource(PictureRefused.Why.class)
    void aRefusedPictureIsExplained(PictureRefused.Why why) throws Exception {
        willThrow(new PictureRefused(why)).given(pictures).ready(any());
        read().andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(containsString("role=\"alert\""), not(containsString("picture." + why)))));
    }

    @ParameterizedTest
    @CsvSource({"NaN, 1, .6, 0", "1, 1, .1, 0", "1, 1, .99, 0", "1, 1, .6, 120", "1, Infinity, .6, 0"})
    void nothingImpossibleIsTaken(String x, String z, String k, String turn) throws Exception {
        int answer = http.perform(post("/sittings/5/place/shadow/take")
                        .with(user(RUNA))
                        .with(csrf())
                        .param("x", x)
                        .param("z", z)
                        .param("k", k)
                        .param("turn", turn)
                        .param("daylight", "true"))
                .andReturn()
                .getResponse()
                .getStatus();
        assertThat(answer).isIn(200, 400);
        verify(placements, never()).shade(any(), anyLong(), any());
    }
}
