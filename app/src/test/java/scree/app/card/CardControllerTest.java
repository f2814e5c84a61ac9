package scree.app.card;

import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.mockito.ArgumentMatchers.any;
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
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static scree.app.Members.RUNA;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import scree.app.WebTest;
import scree.core.colour.Lab;
import scree.core.image.CardLayout;
import scree.core.image.PrintedCard;

/** The colour card's page: prints that fit, prints that do not, and files that are none. */
@WebTest
class CardControllerTest {
    @Autowired
    private MockMvc http;

    @Autowired
    private Cards cards;

    @Autowired
    private CardPdf pdf;

    @BeforeEach
    void noPrintMeasured() {
        given(cards.measured(any())).willReturn(Optional.empty());
    }

    private static MockMultipartFile values(String text) {
        return new MockMultipartFile("values", "card.csv", "text/csv", text.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void everyFieldIsDrawnInItsColour() throws Exception {
        String page = http.perform(get("/card").with(user(RUNA)))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        for (CardLayout.Place place : CardLayout.places(CardLayout.Kind.COLOUR)) {
            org.assertj.core.api.Assertions.assertThat(page)
                    .contains(scree.core.colour.Srgb.hex(place.field().colour()));
        }
    }

    @Test
    void theFieldThatIsFurthestOffIsNamed() throws Exception {
        List<Lab> colours = new ArrayList<>(
                CardLayout.fields().stream().map(f -> f.colour()).toList());
        Lab c = colours.get(4);
        colours.set(4, Lab.of(c.lightness() - 12, c.a(), c.b()));
        PrintedCard print = PrintedCard.ofColours("studio print", colours);
        given(cards.measured(any())).willReturn(Optional.of(print));
        http.perform(get("/card").with(user(RUNA)))
                .andExpect(content().string(containsString("studio print")))
                .andExpect(content()
                        .string(containsString(String.format(
                                java.util.Locale.ROOT, "%.1f", colours.get(4).differenceFrom(c)))));
    }

    @Test
    void aFileOfValuesIsTakenUnderItsName() throws Exception {
        http.perform(multipart("/card")
                        .file(values("1,2,3"))
                        .param("name", "  winter print ")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(redirectedUrl("/card?taken"));
        verify(cards).use(RUNA.studio(), "winter print", "1,2,3");
    }

    @Test
    void withoutANameItIsMine() throws Exception {
        http.perform(multipart("/card").file(values("x")).with(user(RUNA)).with(csrf()));
        verify(cards).use(RUNA.studio(), "my print", "x");
    }

    @Test
    void aTornFileIsRefusedWithItsReasonAndTheNameStays() throws Exception {
        willThrow(new IllegalArgumentException("field 7 has no b*: give L*, a*, b*"))
                .given(cards)
                .use(any(), anyString(), anyString());
        http.perform(multipart("/card")
                        .file(values("torn"))
                        .param("name", "winter print")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("field 7 has no b*"),
                                containsString("The former print stays in use"),
                                containsString("winter print"))));
    }

    @Test
    void noFileATooLongNameAndATooLargeFileAreToldApart() throws Exception {
        http.perform(multipart("/card").file(values("")).with(user(RUNA)).with(csrf()))
                .andExpect(content().string(containsString("No file of values was chosen")));
        http.perform(multipart("/card")
                        .file(values("x"))
                        .param("name", "n".repeat(81))
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(content().string(containsString("more than 80 characters")))
                .andExpect(content().string(containsString("n".repeat(81))));
        http.perform(multipart("/card")
                        .file(values("x".repeat(300_001)))
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(content().string(containsString("over 300 kB")));
        verify(cards, never()).use(any(), anyString(), anyString());
    }

    @Test
    void theCardIsGivenAsAFileToPrint() throws Exception {
        given(pdf.write(any())).willReturn("%PDF".getBytes(StandardCharsets.US_ASCII));
        http.perform(get("/card/card.pdf").with(user(RUNA)))
                .andExpect(header().string("Content-Disposition", containsString("scree-card.pdf")))
                .andExpect(content().contentType("application/pdf"))
                .andExpect(content().string("%PDF"));
    }

    @Test
    void thePrintIsForgottenOnlyWithTheToken() throws Exception {
        http.perform(post("/card/forget").with(user(RUNA))).andExpect(status().isForbidden());
        verify(cards, never()).forget(any());
        http.perform(post("/card/forget").with(user(RUNA)).with(csrf())).andExpect(redirectedUrl("/card"));
        verify(cards).forget(RUNA.studio());
    }
}
