package scree.app.reply;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;
import scree.app.judge.SoughtWords;
import scree.app.kit.Product;
import scree.app.skin.SkinWords;
import scree.app.studio.Member;
import scree.app.web.Words;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.shade.Nearness;

/** Puts answers to pictures from home into words: the artist's and the client's. */
@Component
class ReplyWords extends Words {
    private final SkinWords skin;

    ReplyWords(MessageSource messages, SkinWords skin) {
        super(messages);
        this.skin = skin;
    }

    String part(ReplyPart part) {
        return say("reply.part." + part);
    }

    /** Returns why a product is named, for the artist; empty where nothing was judged. */
    String why(ReplyPart part, TakenReply.Offer offer) {
        if (offer.difference() != null) {
            return say(
                    "reply.why.base",
                    say("nearness." + Nearness.of(offer.difference())),
                    String.format(Locale.ROOT, "%.1f", offer.difference()));
        }
        if (part == ReplyPart.CORRECTOR) {
            return say(offer.planned() ? "reply.why.corrector" : "reply.why.unplanned");
        }
        if (offer.verdict() == null) {
            return say("reply.why.own");
        }
        String fits = say(offer.verdict().just() ? "judge.JUST" : "judge.FITS");
        return part.most() == 1 ? fits : say("reply.why.family", family(part, offer.product()), fits);
    }

    String family(ReplyPart part, Product product) {
        return say("colour.family." + Proposals.family(part, product));
    }

    /** Returns any shade near a colour as it is looked for in a shop. */
    String near(TakenReply.Standing s) {
        Lab c = s.colour();
        return say(
                "reply.near",
                say("role." + s.part().role()).toLowerCase(locale()),
                Math.round(c.lightness()),
                Math.round(c.a()),
                Math.round(c.b()));
    }

    /** Returns what to look for in words, or null. */
    String sought(TakenReply.Standing s) {
        return s.sought() == null ? null : new SoughtWords(this).say(s.part().role(), s.sought());
    }

    /** Returns what there is to say where the kit offers nothing. */
    String none(ReplyPart part) {
        return part == ReplyPart.CORRECTOR ? say("reply.none.corrector") : say("judge.nothing");
    }

    /** Returns what is unsure about any picture from home, to begin the artist's own words with. */
    String unsure(TakenReply now) {
        return say("reply.unsure." + now.reading().skin().trust());
    }

    /** Returns the answer as it stands, in the words that are sent. */
    SentReply sent(TakenReply now) {
        List<SentReply.Item> items = new ArrayList<>();
        for (TakenReply.Standing s : now.parts()) {
            if (s.left()) {
                continue;
            }
            for (TakenReply.Offer o : s.chosen()) {
                Product p = o.product();
                items.add(new SentReply.Item(
                        s.part(), p.id(), p.fullName(), Srgb.hex(p.settled()), toClient(s.part(), o)));
            }
            if (s.near()) {
                String why = sought(s) == null ? say("reply.client.near") : sought(s);
                items.add(new SentReply.Item(s.part(), null, near(s), Srgb.hex(s.colour()), why));
            }
        }
        String unsure = now.sheet().unsure() == null ? unsure(now) : now.sheet().unsure();
        return new SentReply(
                SentReply.VERSION,
                skin.verdict(now.reading()),
                items,
                unsure,
                now.sheet().words());
    }

    private String toClient(ReplyPart part, TakenReply.Offer offer) {
        return part.most() == 1
                ? say("reply.client." + part)
                : say("reply.client." + part, family(part, offer.product()).toLowerCase(locale()));
    }

    String letter(SentReply reply, String firstName, String opens, String until, Member me) {
        String items = reply.items().stream()
                .map(i -> say("reply.letter.item", part(i.part()), i.name(), i.why()))
                .collect(Collectors.joining("\n"));
        return say(
                "reply.letter",
                firstName,
                reply.words() == null ? say("reply.letter.words") : reply.words(),
                items,
                reply.unsure(),
                opens,
                until,
                me.name(),
                me.studioName());
    }

    /** Returns what a client told of an answer, thing by thing. */
    List<String> told(SentReply reply, Fit fit) {
        List<String> told = new ArrayList<>();
        for (int i = 0; i < reply.items().size(); i++) {
            Fit.How how = fit.fits().get(i);
            if (how != null) {
                SentReply.Item item = reply.items().get(i);
                told.add(say(
                        "reply.told",
                        part(item.part()),
                        item.name(),
                        say("reply.fit." + how).toLowerCase(locale())));
            }
        }
        if (fit.words() != null) {
            told.add(say("reply.told.words", fit.words()));
        }
        return told;
    }
}
