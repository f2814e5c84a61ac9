package scree.app.reply;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import scree.app.Ground;
import scree.app.TestDatabase;
import scree.app.homelink.HomeLink;
import scree.app.homelink.HomeLinks;
import scree.app.kit.Kit;
import scree.app.mail.Outbox;
import scree.app.sitting.Sittings;
import scree.app.studio.Member;
import scree.core.colour.Lab;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.skin.Zone;

/** Answers to pictures from home: what is proposed on skins of all depths, what is sent, and what comes back. */
@TestDatabase
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class RepliesIT {
    private static final int FAIR = 0;
    private static final int OTHER_FACE = 5;
    private static final int DEEP = 2;

    @Autowired
    private Ground ground;

    @Autowired
    private Replies replies;

    @Autowired
    private HomeLinks links;

    @Autowired
    private Outbox outbox;

    @Autowired
    private Sittings sittings;

    @Autowired
    private Kit kit;

    @Autowired
    private JdbcTemplate sql;

    @Autowired
    private MockMvc http;

    private Member me;
    private long fair;

    @BeforeAll
    void aKitForManyAndOneWhoSentAPicture() {
        me = ground.artist("answers");
        for (int lightness = 30; lightness < 80; lightness += 4) {
            Lab skin = Lab.of(lightness, 11, 17);
            kit.add(me.studio(), Ground.base("Gneiss", "L" + lightness, lightness, lightness > 68 ? "lanolin" : null));
            ground.ware(me, "Shade " + lightness, Role.CONTOUR, Form.POWDER, Lab.of(lightness - 12, 7, 12), .6);
            ground.ware(me, "Light " + lightness, Role.BRIGHTENER, Form.LIQUID, Lab.of(lightness + 9, 9, 17), .7);
            ground.ware(me, "Sun " + lightness, Role.BRONZER, Form.POWDER, Lab.of(lightness - 9, 13, 20), .5);
            ground.ware(me, "Rose " + lightness, Role.BLUSH, Form.POWDER, Lab.of(skin.lightness() - 5, 26, 12), .5);
            ground.ware(me, "Peach " + lightness, Role.BLUSH, Form.POWDER, Lab.of(skin.lightness() - 4, 22, 24), .5);
            ground.ware(me, "Lip rose " + lightness, Role.LIP, Form.CREAM, Lab.of(skin.lightness() - 12, 30, 10), .8);
            ground.ware(me, "Lip brick " + lightness, Role.LIP, Form.CREAM, Lab.of(skin.lightness() - 16, 28, 20), .8);
        }
        fair = cameIn(FAIR, ground.client(me, null));
    }

    /** A sitting that came from home, of one of the twelve. */
    private long cameIn(int sitter, long client) {
        long id = ground.sitting(me, client);
        ground.seat(me, id, sitter);
        sittings.cameIn(me.studio(), id);
        return id;
    }

    private TakenReply now(long id) {
        return replies.of(me.studio(), id).now();
    }

    /** Very fair, bronze, very deep and old: whatever is named looks right there, and at most as many as a part has room for. */
    @Test
    void onEverySkinOnlyWhatLooksRightIsNamedElseItsColour() {
        for (int sitter : new int[] {FAIR, 1, DEEP, 5, 6, 11}) {
            TakenReply taken = now(cameIn(sitter, ground.client(me, null)));
            assertThat(taken.parts()).hasSize(ReplyPart.values().length);
            Lab skin = taken.reading().skin().tellingColourOf(Zone.JAW).orElseThrow();
            for (TakenReply.Standing s : taken.parts()) {
                assertThat(s.chosen().size())
                        .as(sitter + " " + s.part())
                        .isLessThanOrEqualTo(s.part().most());
                s.chosen().forEach(o -> crafted(sitter, s.part(), seen(o), skin));
                if (s.chosen().isEmpty() && s.part() != ReplyPart.CORRECTOR) {
                    assertThat(s.near())
                            .as(sitter + " " + s.part() + ": its colour instead")
                            .isTrue();
                }
            }
            assertThat(taken.of(ReplyPart.CHEEK).chosen())
                    .as("no two of a family")
                    .extracting(o -> Proposals.family(ReplyPart.CHEEK, o.product()))
                    .doesNotHaveDuplicates();
        }
    }

    /** Returns the colour that one sees: as it lies where a film is judged, else the product's own. */
    private static Lab seen(TakenReply.Offer o) {
        return o.verdict() == null ? o.product().settled() : o.verdict().result();
    }

    /** What an artist sees at a glance beside the skin; the judges' own bounds are not asked. */
    private static void crafted(int sitter, ReplyPart part, Lab seen, Lab skin) {
        double lighter = seen.lightness() - skin.lightness();
        String what = sitter + " " + part + " " + seen + " on " + skin;
        switch (part) {
            case BASE -> assertThat(lighter).as(what).isBetween(-4.0, 4.0);
            case BRIGHTENER -> assertThat(lighter).as(what).isBetween(1.0, 10.0);
            case CONTOUR -> {
                assertThat(lighter).as(what).isBetween(-14.0, -1.5);
                assertThat(seen.chroma()).as(what + ": a shadow is greyer").isLessThan(skin.chroma() + 2);
            }
            case BRONZER -> {
                assertThat(lighter).as(what).isBetween(-14.0, -.5);
                assertThat(seen.hueDegrees()).as(what + ": not towards red").isGreaterThan(skin.hueDegrees() - 14);
            }
            case CHEEK, LIP -> {
                assertThat(seen.a()).as(what + ": redder than the skin").isGreaterThan(skin.a());
                assertThat(lighter).as(what + ": nothing pale turns chalky").isLessThan(4);
            }
            case CORRECTOR -> assertThat(seen.chroma()).as(what).isGreaterThan(5);
        }
    }

    @Test
    void whatTheClientReactsToIsNeverNamed() {
        long id = cameIn(FAIR, ground.client(me, "lanolin"));
        assertThat(now(id).of(ReplyPart.BASE).offers())
                .noneMatch(o -> "lanolin".equals(o.product().allergens()));
        long with = kit.all(me.studio()).stream()
                .filter(p -> "lanolin".equals(p.allergens()))
                .findFirst()
                .orElseThrow()
                .id();
        replies.change(me, id, s -> s.toggled(ReplyPart.BASE, with, List.of()));
        assertThat(now(id).of(ReplyPart.BASE).chosen()).as("not even by hand").isEmpty();
    }

    @Test
    void aHandChoosesLeavesOutAndGoesBackStepByStep() {
        long id = cameIn(FAIR, ground.client(me, null));
        List<TakenReply.Offer> proposed = now(id).of(ReplyPart.CONTOUR).chosen();
        long other = now(id).of(ReplyPart.CONTOUR).offers().stream()
                .filter(o -> !proposed.contains(o))
                .findFirst()
                .orElseThrow()
                .product()
                .id();
        replies.pick(me, id, ReplyPart.CONTOUR, other);
        assertThat(now(id).of(ReplyPart.CONTOUR).chosen())
                .singleElement()
                .satisfies(o -> assertThat(o.product().id()).isEqualTo(other));
        assertThat(now(id).of(ReplyPart.CONTOUR).byHand()).isTrue();
        replies.change(me, id, s -> s.leaving(ReplyPart.LIP));
        assertThat(now(id).of(ReplyPart.LIP).named()).isFalse();
        replies.undo(me.studio(), id);
        replies.undo(me.studio(), id);
        assertThat(now(id).of(ReplyPart.CONTOUR).chosen()).isEqualTo(proposed);
        replies.redo(me.studio(), id);
        assertThat(now(id).of(ReplyPart.CONTOUR).byHand()).isTrue();
        replies.change(me, id, s -> s.anew(ReplyPart.CONTOUR));
        assertThat(now(id).of(ReplyPart.CONTOUR).byHand()).isFalse();
    }

    @Test
    void whatWasSentStaysAsItWasAndTheClientsWordStandsBesideIt() {
        long id = cameIn(FAIR, ground.client(me, null));
        replies.change(me, id, s -> s.saying("", "Try the base first."));
        String token = replies.link(me, id);
        HomeLink link = links.at(token, HomeLink.Kind.REPLY).orElseThrow();
        SentReply sent = replies.at(link);
        assertThat(sent.words()).isEqualTo("Try the base first.");
        assertThat(sent.unsure()).as("what is unsure always goes along").contains("stripe on the jaw");
        assertThat(sent.items()).extracting(SentReply.Item::part).contains(ReplyPart.BASE, ReplyPart.LIP);
        assertThat(sent.items())
                .allSatisfy(i -> assertThat(i.why()).isNotBlank().doesNotContain("{"));
        replies.change(me, id, s -> s.leaving(ReplyPart.BASE));
        assertThat(replies.at(link)).as("later changes do not reach it").isEqualTo(sent);
        assertThat(replies.tell(link, new Fit(Map.of(0, Fit.How.TOO_PINK, 1, Fit.How.FITS), "Lovely", null), null))
                .isTrue();
        assertThat(replies.of(me.studio(), id).sent())
                .singleElement()
                .satisfies(s -> assertThat(s.fits()).singleElement().satisfies(f -> {
                    assertThat(f.fits()).containsEntry(0, Fit.How.TOO_PINK).containsEntry(1, Fit.How.FITS);
                    assertThat(f.words()).isEqualTo("Lovely");
                    assertThat(f.fitting()).containsExactly(1);
                }));
        assertThat(replies.answered(me.studio())).containsEntry(id, 1);
    }

    /** Told beside an answer it is as much a caution as told beside a report of wear. */
    @Test
    void aReactionIsACautionAtOnceAndALinkBearsOnlySoMany() {
        long client = ground.client(me, null);
        long id = cameIn(FAIR, client);
        HomeLink link = links.at(replies.link(me, id), HomeLink.Kind.REPLY).orElseThrow();
        Fit fit = new Fit(Map.of(0, Fit.How.FITS), null, null);
        assertThat(replies.tell(link, fit, "welts at the jaw")).isTrue();
        long next = ground.sitting(me, client);
        assertThat(sittings.get(me.studio(), next).before().reactions()).contains("welts at the jaw");
        for (int i = 1; i < HomeLink.Kind.REPLY.most(); i++) {
            assertThat(replies.tell(link, fit, null)).isTrue();
        }
        assertThat(replies.tell(link, fit, null)).as("worn out").isFalse();
    }

    @Test
    void theLetterHoldsTheAnswerAndALinkAndNoPicture() {
        long id = cameIn(FAIR, ground.client(me, null));
        replies.send(me, id, "petra@lakeside.example", "http://scree.example");
        assertThat(outbox.of(me.studio(), id)).singleElement().satisfies(l -> {
            assertThat(l.sheet()).isNull();
            assertThat(l.body())
                    .contains(
                            "Hello Petra",
                            "Own Light",
                            "stripe on the jaw",
                            "http://scree.example/from-home/",
                            "/reply")
                    .contains("bend of the elbow")
                    .doesNotContain("{");
        });
    }

    @Test
    void anotherFaceIsAskedAboutAndNothingIsSentMeanwhile() {
        long client = ground.client(me, null);
        long before = ground.sitting(me, client);
        ground.seat(me, before, DEEP);
        sql.update("update sitting set starts_at = starts_at - interval '30 days' where id = ?", before);
        long id = cameIn(OTHER_FACE, client);
        assertThat(replies.of(me.studio(), id).question())
                .hasValueSatisfying(q -> assertThat(q.before().id()).isEqualTo(before));
        assertThatThrownBy(() -> replies.link(me, id)).hasMessage("asked");
        replies.say(me, id, false);
        assertThat(replies.of(me.studio(), id).question()).isEmpty();
        assertThatThrownBy(() -> replies.send(me, id, "p@l.example", "http://s"))
                .hasMessage("another");
        assertThat(outbox.of(me.studio(), id)).isEmpty();
        replies.say(me, id, true);
        assertThat(replies.link(me, id)).isNotBlank();
    }

    @Test
    void theSameFaceAndAFirstPictureAreNotAskedAbout() {
        long client = ground.client(me, null);
        long before = ground.sitting(me, client);
        ground.seat(me, before, DEEP);
        sql.update("update sitting set starts_at = starts_at - interval '30 days' where id = ?", before);
        assertThat(replies.of(me.studio(), cameIn(DEEP, client)).question()).isEmpty();
        assertThat(replies.of(me.studio(), fair).question()).isEmpty();
    }

    @Test
    void anAnswerThatNamesNothingAndAnotherStudiosAreRefused() {
        long id = cameIn(FAIR, ground.client(me, null));
        for (ReplyPart part : ReplyPart.values()) {
            replies.change(me, id, s -> s.leaving(part));
        }
        assertThatThrownBy(() -> replies.link(me, id)).hasMessage("nothing");
        Member stranger = ground.artist("stranger");
        assertThatThrownBy(() -> replies.link(stranger, fair)).isInstanceOf(scree.app.web.NotHere.class);
        assertThatThrownBy(() -> replies.say(stranger, fair, true)).isInstanceOf(scree.app.web.NotHere.class);
        assertThat(replies.answered(stranger.studio())).isEmpty();
    }

    private String sent(AbstractMockHttpServletRequestBuilder<?> asked) throws Exception {
        return http.perform(asked.with(user(me)).with(csrf()))
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    /** What is typed wrong is kept, and the way out is named. */
    @Test
    void thePagesSayWhatIsInTheWayAndLoseNothing() throws Exception {
        String url = "/sittings/" + fair + "/reply";
        assertThat(sent(get(url))).contains("What would suit Petra", "Gneiss");
        assertThat(sent(post(url + "/words").param("text", "x".repeat(1001))))
                .contains("at most 1,000 letters", "x".repeat(1001));
        assertThat(sent(post(url + "/send").param("address", "nowhere").param("once", "y".repeat(20))))
                .contains("No mail server is set up");
        String home = "/from-home/" + replies.link(me, fair) + "/reply";
        assertThat(sent(post(home))).contains("Nothing is chosen yet");
        assertThat(sent(post(home).param("fit.0", "FITS").param("text", "w".repeat(1001))))
                .contains("That is too long", "w".repeat(1001), "checked=\"checked\"");
        assertThat(sent(post(home).param("fit.0", "DROP TABLE").param("fit.99", "FITS")))
                .contains("Nothing is chosen yet");
        assertThat(sent(post(home).param("fit.0", "FITS"))).contains("Thank you");
        long empty = ground.sitting(me, ground.client(me, null));
        assertThat(sent(get("/sittings/" + empty + "/reply"))).contains("is not read yet", "/skin");
    }
}
