package scree.app.handover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import java.util.stream.StreamSupport;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import scree.app.Ground;
import scree.app.TestDatabase;
import scree.app.base.Bases;
import scree.app.homelink.HomeLink;
import scree.app.homelink.HomeLinks;
import scree.app.kit.Kit;
import scree.app.look.HtmlPdf;
import scree.app.look.PdfPages;
import scree.app.mail.Letter;
import scree.app.mail.Outbox;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sittings;
import scree.app.studio.Member;
import scree.app.web.NotHere;
import scree.core.colour.Lab;
import scree.core.shade.Form;
import scree.core.shade.Role;

/** The sheet as it goes out of the house: kept as it was given away, opened by its link alone, without a picture unless one is wished. */
@TestDatabase
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class HandoversIT {
    private static final Handovers.How LINES = new Handovers.How(HtmlPdf.Paper.A4, false);

    @Autowired
    private Ground ground;

    @Autowired
    private Handovers handovers;

    @Autowired
    private HomeLinks links;

    @Autowired
    private Outbox outbox;

    @Autowired
    private Bases bases;

    @Autowired
    private Kit kit;

    @Autowired
    private Sittings sittings;

    @Autowired
    private Cairns cairns;

    @Autowired
    private JdbcTemplate sql;

    @Autowired
    private MockMvc http;

    private Member me;
    private long client;
    private long sitting;

    @BeforeAll
    void someoneIsMadeUp() {
        me = ground.artist("hands over");
        client = ground.client(me, "lanolin");
        sitting = ground.sitting(me, client);
        kit.add(me.studio(), Ground.base("Gneiss", "Official", 66, null));
        ground.ware(me, "Slate shade", Role.CONTOUR, Form.POWDER, Lab.of(52, 7, 13), .6);
        ground.ware(me, "Rose fluff", Role.BLUSH, Form.POWDER, Lab.of(60, 24, 12), .5);
        ground.seat(me, sitting, 3);
        long base = bases.shortlist(me.studio(), sitting, scree.app.base.BaseFilter.ANY)
                .orElseThrow()
                .ranked()
                .get(0)
                .product()
                .id();
        bases.take(me, sitting, base, null, null, 0);
    }

    private static String words(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    private static long photographs(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            long n = 0;
            for (var page : document.getPages()) {
                n += StreamSupport.stream(page.getResources().getXObjectNames().spliterator(), false)
                        .filter((COSName name) -> jpeg(page.getResources(), name))
                        .count();
            }
            return n;
        }
    }

    private static boolean jpeg(org.apache.pdfbox.pdmodel.PDResources from, COSName name) {
        try {
            return from.getXObject(name) instanceof PDImageXObject image && "jpg".equals(image.getSuffix());
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private MockHttpServletResponse open(String path) throws Exception {
        return http.perform(get(path)).andReturn().getResponse();
    }

    /** Letters that a face joins are two letters to whoever searches or copies. */
    @Test
    void theWordsOfTheSheetCanBeSearchedAndNothingIsMissing() throws Exception {
        String words = words(handovers.print(me, sitting, HtmlPdf.Paper.A4, false));
        assertThat(words)
                .contains("Petra Kvist", "Reacts to: lanolin", "Gneiss Official", "Rose fluff", "Slate shade")
                .contains("Step by step", "To carry along", "pharmacist");
        assertThat(words(handovers.print(me, sitting, HtmlPdf.Paper.LETTER, false)))
                .contains("Rose fluff");
    }

    @Test
    void aPictureIsOnlyOnItWhenItIsWished() throws Exception {
        assertThat(photographs(handovers.print(me, sitting, HtmlPdf.Paper.A4, false)))
                .isZero();
        assertThat(photographs(handovers.print(me, sitting, HtmlPdf.Paper.A4, true)))
                .isPositive();
    }

    @Test
    void theDrawingHasEveryPageAndWritesALetterOnce() {
        byte[] pdf = handovers.print(me, sitting, HtmlPdf.Paper.A4, false);
        String svg = new String(PdfPages.svg(pdf, "Petra & co"), StandardCharsets.UTF_8);
        assertThat(svg).contains("Petra &amp; co", "<defs").doesNotContain("<!DOCTYPE");
        assertThat(svg.length()).as("letters are referred to").isLessThan(1_400_000);
        assertThat(PdfPages.png(pdf, 30)).hasSize(PdfPages.count(pdf));
        assertThat(PdfPages.png(pdf, PdfPages.count(pdf) + 1, 30)).isEmpty();
    }

    @Test
    void aLinkOpensTheSheetAsItWasHandedOverUntilItIsClosed() throws Exception {
        long own = ground.sitting(me, ground.client(me, null));
        String token = handovers.link(me, own, LINES);
        byte[] given = open("/from-home/" + token + "/sheet/take-home.pdf").getContentAsByteArray();
        assertThat(words(given)).doesNotContain("Reacts to");
        sql.update(
                "update client set allergies = 'nickel' where id = ?",
                sittings.get(me.studio(), own).clientId());
        assertThat(words(handovers.print(me, own, HtmlPdf.Paper.A4, false))).contains("Reacts to: nickel");
        assertThat(open("/from-home/" + token + "/sheet/take-home.pdf").getContentAsByteArray())
                .isEqualTo(given);
        assertThat(open("/from-home/" + token + "/sheet").getContentAsString()).contains("Petra, your sheet");
        assertThat(open("/from-home/" + token + "/sheet/1.png").getContentType())
                .isEqualTo("image/png");
        assertThat(open("/from-home/" + token + "/sheet/9.png").getStatus()).isEqualTo(404);
        HomeLink link = links.open(me.studio(), own, HomeLink.Kind.SHEET).get(0);
        assertThat(link.used())
                .as("a page that is opened counts, its pictures do not")
                .isEqualTo(1);
        assertThat(open("/from-home/" + token + "/wear").getStatus())
                .as("it opens nothing else")
                .isEqualTo(404);
        assertThat(open("/from-home/" + token + "/reply").getStatus()).isEqualTo(404);
        links.close(me, own, link.id());
        for (String end : List.of("", "/take-home.pdf", "/take-home.svg", "/1.png")) {
            assertThat(open("/from-home/" + token + "/sheet" + end).getStatus())
                    .as(end)
                    .isEqualTo(404);
        }
    }

    @Test
    void aLinkRunsOut() throws Exception {
        long own = ground.sitting(me, ground.client(me, null));
        String token = handovers.link(me, own, LINES);
        sql.update("update home_link set expires_at = now() - interval '1 second' where sitting_id = ?", own);
        assertThat(open("/from-home/" + token + "/sheet").getStatus()).isEqualTo(404);
    }

    @Test
    void theLetterHoldsBothLinksAndTheSheetGoesAlongOnlyWhenTicked() throws Exception {
        long own = ground.sitting(me, ground.client(me, null));
        handovers.send(
                me, own, LINES, new Handovers.Letters("petra@lakeside.example", " ", false, "http://scree.example"));
        Letter letter = outbox.of(me.studio(), own).get(0);
        assertThat(letter.sheet()).isNull();
        assertThat(letter.body())
                .contains("Hello Petra", "http://scree.example/from-home/", "/sheet\n", "/wear\n", "pharmacist", "Runa")
                .doesNotContain("enclosed", "{");
        String path = letter.body().replaceAll("(?s).*scree\\.example(/from-home/\\S+/sheet).*", "$1");
        assertThat(open(path).getStatus()).isEqualTo(200);
        handovers.send(
                me,
                own,
                LINES,
                new Handovers.Letters("petra@lakeside.example", "My {0} words", true, "http://s.example"));
        assertThat(outbox.of(me.studio(), own).get(0).sheet()).isNotNull();
        assertThat(outbox.of(me.studio(), own).get(0).body()).contains("My {0} words", "also enclosed");
    }

    @Test
    void theStoneSaysHowFarItIs() {
        long own = ground.sitting(me, ground.client(me, null));
        assertThat(handovers.reached(me.studio(), own)).isEqualTo(Handovers.Reached.NOTHING);
        handovers.send(me, own, LINES, new Handovers.Letters("petra@lakeside.example", "", false, "http://s.example"));
        sql.update("update letter set state = 'GIVEN_UP', trouble = 'AWAY' where sitting_id = ?", own);
        assertThat(handovers.reached(me.studio(), own)).isEqualTo(Handovers.Reached.IN_TROUBLE);
        assertThat(cairns.of(me.studio(), sittings.get(me.studio(), own), "intake")
                        .stones())
                .filteredOn(s -> s.key().equals("hand-over"))
                .singleElement()
                .satisfies(s -> assertThat(s.result()).isEqualTo("not delivered"));
        sql.update("update letter set state = 'SENT', body = null where sitting_id = ?", own);
        assertThat(handovers.reached(me.studio(), own)).isEqualTo(Handovers.Reached.GIVEN);
    }

    @Test
    void anotherStudioHandsNothingOverAndClosesNothing() {
        Member stranger = ground.artist("stranger");
        assertThatThrownBy(() -> handovers.link(stranger, sitting, LINES)).isInstanceOf(NotHere.class);
        String token = handovers.link(me, sitting, LINES);
        HomeLink link = links.at(token, HomeLink.Kind.SHEET).orElseThrow();
        links.close(stranger, sitting, link.id());
        assertThat(links.at(token, HomeLink.Kind.SHEET)).isPresent();
        assertThatThrownBy(() -> handovers.pdf(stranger.studio(), link.sheet())).isInstanceOf(NotHere.class);
    }

    @Test
    void thirtySheetsAtOnceAreAllPrinted() {
        List<CompletableFuture<Integer>> printed = IntStream.range(0, 30)
                .mapToObj(i -> CompletableFuture.supplyAsync(
                        () -> PdfPages.count(handovers.print(me, sitting, HtmlPdf.Paper.A4, i % 2 == 0))))
                .toList();
        assertThat(printed).allSatisfy(p -> assertThat(p.join()).isPositive());
    }

    private MockHttpServletResponse sent(AbstractMockHttpServletRequestBuilder<?> asked) throws Exception {
        return http.perform(asked.with(user(me)).with(csrf())).andReturn().getResponse();
    }

    /** Here no server is set up: the page says so, and a link is made all the same. */
    @Test
    void withoutAMailServerThePageSaysSoAndTheInboxIsNotThere() throws Exception {
        String url = "/sittings/" + sitting + "/hand-over";
        assertThat(sent(get(url)).getContentAsString())
                .contains("No mail server is set up")
                .doesNotContain("id=\"send\"");
        assertThat(sent(post(url + "/send").param("address", "p@l.example").param("once", "x".repeat(20)))
                        .getContentAsString())
                .contains("Make a link instead");
        assertThat(sent(get("/inbox")).getStatus()).isEqualTo(404);
        assertThat(sent(post(url + "/letters/1/again").param("address", "nowhere"))
                        .getStatus())
                .isEqualTo(400);
    }
}
