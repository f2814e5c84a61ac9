package scree.app.skin;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.argThat;
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
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static scree.app.Members.RUNA;

import java.util.List;
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
import scree.app.look.Cairn;
import scree.app.meter.Meters;
import scree.app.picture.Pictures;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sittings;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;
import scree.core.image.PictureRefused;

/** The edge where collaborators fail: every failure becomes a sentence, and nothing inside is shown. */
@WebTest
class SkinControllerTest {
    @Autowired
    private MockMvc http;

    @Autowired
    private Sittings sittings;

    @Autowired
    private Readings readings;

    @Autowired
    private Pictures pictures;

    @Autowired
    private Touches touches;

    @Autowired
    private Meters meters;

    @Autowired
    private Cairns cairns;

    @BeforeEach
    void aSittingWithoutAReading() {
        given(sittings.get(any(), anyLong())).willReturn(Members.sitting(null, null, null, null));
        given(cairns.of(any(), any(), anyString())).willReturn(Cairn.stack(5, "Liv", 1, "8:00", List.of()));
        given(readings.of(any(), anyLong())).willReturn(Optional.empty());
    }

    @ParameterizedTest
    @EnumSource(PictureRefused.Why.class)
    void everyRefusedPictureGetsASentenceOfItsOwn(PictureRefused.Why why) throws Exception {
        willThrow(new PictureRefused(why)).given(readings).take(any(), anyLong(), any());
        http.perform(multipart("/sittings/5/skin")
                        .file(picture())
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("role=\"alert\"")))
                .andExpect(content().string(not(containsString("picture." + why))));
    }

    @Test
    void aGoodPictureLeadsBackToTheReading() throws Exception {
        http.perform(multipart("/sittings/5/skin")
                        .file(picture())
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(redirectedUrl("/sittings/5/skin"));
        verify(readings).take(eq(new StudioId(7)), eq(5L), argThat(u -> new String(u.bytes()).equals("bytes")));
    }

    @Test
    void aBrokenStoreShowsAReferenceAndNoTrace() throws Exception {
        willThrow(new IllegalStateException("secret table reading"))
                .given(readings)
                .of(any(), anyLong());
        http.perform(get("/sittings/5/skin").with(user(RUNA)))
                .andExpect(status().isInternalServerError())
                .andExpect(content().string(containsString("Reference")))
                .andExpect(content().string(not(containsString("secret"))))
                .andExpect(content().string(not(containsString("Exception"))));
    }

    @Test
    void anotherStudiosSittingIsSimplyNotHere() throws Exception {
        given(sittings.get(any(), anyLong())).willThrow(new NotHere("sitting"));
        http.perform(get("/sittings/99/skin").with(user(RUNA)))
                .andExpect(status().isNotFound())
                .andExpect(content().string(containsString("Nothing lies here")));
    }

    @Test
    void withoutTheTokenNothingIsTaken() throws Exception {
        http.perform(multipart("/sittings/5/skin").file(picture()).with(user(RUNA)))
                .andExpect(status().isForbidden());
        verify(readings, never()).take(any(), anyLong(), any());
    }

    @Test
    void strangersAreSentToTheDoorAndPagesCarryAStrictPolicy() throws Exception {
        http.perform(get("/sittings/5/skin")).andExpect(status().is3xxRedirection());
        http.perform(get("/sittings/5/skin").with(user(RUNA)))
                .andExpect(header().string("Content-Security-Policy", containsString("script-src 'self';")))
                .andExpect(header().string("Content-Security-Policy", not(containsString("unsafe"))))
                .andExpect(content().string(not(containsString("style=\""))));
    }

    @Test
    void aWordForAFigureIsNotAServerFault() throws Exception {
        http.perform(post("/sittings/5/skin/zone?zone=KNEE&side=LEFT")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isBadRequest())
                .andExpect(content().string(containsString("“zone” is not what belongs there")));
    }

    private static MockMultipartFile picture() {
        return new MockMultipartFile("picture", "face.jpg", "image/jpeg", "bytes".getBytes());
    }
}
