package scree.app.remote;

import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.BDDMockito.given;
import static org.mockito.BDDMockito.willThrow;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.OffsetDateTime;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import scree.app.WebTest;
import scree.core.image.PictureRefused;
import scree.core.skin.SkinType;

/** What a client meets who opens a link: nothing without consent, nothing lost, nothing told of others. */
@WebTest
class RemoteControllerTest {
    private static final OffsetDateTime MADE = OffsetDateTime.parse("2026-06-18T09:00:00Z");
    private static final RemoteLink LINK = new RemoteLink(
            4, 7, "Two chairs", 1, "Liv Torsander", 1, "Runa Vestby", MADE, MADE.plusDays(7), 0, null, 5L);

    @Autowired
    private MockMvc http;

    @Autowired
    private RemoteLinks links;

    @BeforeEach
    void anOpenLink() {
        given(links.at("abc")).willReturn(LINK);
        given(links.checked(any())).willReturn(Optional.empty());
        given(links.hasPicture(any())).willReturn(true);
    }

    @Test
    void theClientIsGreetedByFirstNameAndNeedsNoAccount() throws Exception {
        http.perform(get("/from-home/abc"))
                .andExpect(status().isOk())
                .andExpect(content().string(allOf(containsString("Runa"), not(containsString("Torsander")))));
    }

    @ParameterizedTest
    @EnumSource(LinkClosed.Why.class)
    void aClosedLinkSaysWhyAndNothingOfAnyone(LinkClosed.Why why) throws Exception {
        given(links.at("old")).willThrow(new LinkClosed(why));
        http.perform(get("/from-home/old"))
                .andExpect(status().is(why == LinkClosed.Why.UNKNOWN ? 404 : 410))
                .andExpect(content()
                        .string(allOf(
                                containsString("sk your artist"),
                                not(containsString("Liv")),
                                not(containsString("link." + why)))));
    }

    @ParameterizedTest
    @EnumSource(PictureRefused.Why.class)
    void aRefusedPictureIsExplainedToTheClient(PictureRefused.Why why) throws Exception {
        willThrow(new PictureRefused(why)).given(links).picture(any(), any(), any(), anyInt());
        http.perform(multipart("/from-home/abc/picture")
                        .file(new MockMultipartFile("picture", "p.jpg", "image/jpeg", new byte[] {1}))
                        .with(csrf()))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("role=\"alert\"")))
                .andExpect(content().string(not(containsString("picture." + why))));
    }

    @Test
    void whatTheBrowserFoundIsHandedOnAsItCame() throws Exception {
        http.perform(multipart("/from-home/abc/picture")
                        .file(new MockMultipartFile("picture", "p.jpg", "image/jpeg", new byte[] {1}))
                        .param("search", "{\"faces\":[]}")
                        .param("shown", "1200")
                        .with(csrf()))
                .andExpect(redirectedUrl("/from-home/abc#picture-check"));
        verify(links).picture(any(), any(), eq("{\"faces\":[]}"), eq(1200));
    }

    @Test
    void withoutConsentNothingIsSentAndWhatWasTypedStays() throws Exception {
        http.perform(post("/from-home/abc").param("concerns", "red after sun").with(csrf()))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(containsString("red after sun"), containsString("tick it if you agree"))));
        verify(links, never()).send(any(), any());
    }

    @Test
    void tooMuchIsNamedAtItsField() throws Exception {
        http.perform(post("/from-home/abc")
                        .param("consent", "true")
                        .param("allergies", "n".repeat(501))
                        .with(csrf()))
                .andExpect(content().string(containsString("more than 500 characters")));
        verify(links, never()).send(any(), any());
    }

    @Test
    void thePictureComesFirst() throws Exception {
        given(links.hasPicture(any())).willReturn(false);
        http.perform(post("/from-home/abc")
                        .param("consent", "true")
                        .param("hair", "brown")
                        .with(csrf()))
                .andExpect(content().string(allOf(containsString("The picture is missing"), containsString("brown"))));
        verify(links, never()).send(any(), any());
    }

    @Test
    void whatIsSentHoldsOnlyKnownWordsAndNoBlanks() throws Exception {
        http.perform(post("/from-home/abc")
                        .param("consent", "true")
                        .param("hair", "  dark brown ")
                        .param("eyes", " ")
                        .param("skinType", "DRY")
                        .param("coverage", "<script>")
                        .with(csrf()))
                .andExpect(status().isOk());
        verify(links).send(LINK, new RemoteAnswer("dark brown", null, SkinType.DRY, null, null, null, null, null));
    }

    @Test
    void withoutTheTokenOfThePageNothingIsTaken() throws Exception {
        http.perform(post("/from-home/abc").param("consent", "true")).andExpect(status().isForbidden());
        verify(links, never()).send(any(), any());
    }

    @Test
    void theThumbIsNeverStoredOnTheWay() throws Exception {
        given(links.picture(LINK)).willReturn(new byte[] {1, 2});
        http.perform(get("/from-home/abc/picture.jpg"))
                .andExpect(header().string("Cache-Control", containsString("no-store")))
                .andExpect(content().bytes(new byte[] {1, 2}));
    }
}
