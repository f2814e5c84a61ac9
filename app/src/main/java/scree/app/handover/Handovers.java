package scree.app.handover;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import scree.app.homelink.HomeLink;
import scree.app.homelink.HomeLinks;
import scree.app.look.HtmlPdf;
import scree.app.mail.Draft;
import scree.app.mail.Letter;
import scree.app.mail.Outbox;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.studio.StudioTime;
import scree.app.web.NotHere;
import scree.app.web.Words;

/** Hands a sitting over to the client: prints the sheet, keeps it as it was given away, sends it or opens it by a link. */
@Service
public class Handovers {
    private final HandoverMapper mapper;
    private final TakeHomes takeHomes;
    private final HtmlPdf printer;
    private final Sittings sittings;
    private final HomeLinks links;
    private final Outbox outbox;
    private final StudioTime time;
    private final Words words;
    private final TransactionTemplate transaction;

    Handovers(
            HandoverMapper mapper,
            TakeHomes takeHomes,
            HtmlPdf printer,
            Sittings sittings,
            HomeLinks links,
            Outbox outbox,
            StudioTime time,
            Words words,
            TransactionTemplate transaction) {
        this.mapper = mapper;
        this.takeHomes = takeHomes;
        this.printer = printer;
        this.sittings = sittings;
        this.links = links;
        this.outbox = outbox;
        this.time = time;
        this.words = words;
        this.transaction = transaction;
    }

    /**
     * How it is handed over.
     *
     * @param picture whether the client's picture is on the sheet
     */
    public record How(HtmlPdf.Paper paper, boolean picture) {}

    /**
     * What goes into a letter beside what Scree writes.
     *
     * @param text the artist's own, may be empty
     * @param enclosed whether the sheet goes along; it can be opened by a link either way
     * @param origin scheme, host and port for links
     */
    public record Letters(String address, String text, boolean enclosed, String origin) {}

    /**
     * What was handed over so far.
     *
     * @param links to the sheet that open, the newest first
     */
    record Told(Sitting sitting, List<HandedSheet> sheets, List<Letter> letters, List<HomeLink> links) {}

    @Transactional(readOnly = true)
    Told of(StudioId studio, long id) {
        return new Told(
                sittings.get(studio, id),
                mapper.ofSitting(studio, id),
                outbox.of(studio, id),
                links.open(studio, id, HomeLink.Kind.SHEET));
    }

    /** Returns whose sitting it is. */
    long client(StudioId studio, long id) {
        return sittings.get(studio, id).clientId();
    }

    /** Prints the sheet as it would be handed over now. */
    byte[] print(Member me, long id, HtmlPdf.Paper paper, boolean picture) {
        return printer.write("handover/take-home", "sheet", () -> takeHomes.of(me.studio(), id, picture), paper);
    }

    /** Returns what a sheet is called. */
    String title(Member me, long id) {
        Sitting sitting = sittings.get(me.studio(), id);
        return words.say("takeHome.title") + ", " + sitting.clientName();
    }

    /** Keeps the sheet and returns the token of a link that opens it. */
    public String link(Member me, long id, How how) {
        byte[] pdf = print(me, id, how.paper(), how.picture());
        return transaction.execute(status -> links.make(me, id, HomeLink.Kind.SHEET, keep(me, id, how, pdf)));
    }

    /** Keeps the sheet and puts a letter with links to it and to a report of wear into the outbox; all of it or nothing. */
    public long send(Member me, long id, How how, Letters letter) {
        byte[] pdf = print(me, id, how.paper(), how.picture());
        return transaction.execute(status -> {
            long sheet = keep(me, id, how, pdf);
            String opens = letter.origin() + "/from-home/" + links.make(me, id, HomeLink.Kind.SHEET, sheet) + "/sheet";
            String wear = letter.origin() + "/from-home/" + links.make(me, id, HomeLink.Kind.WEAR, null) + "/wear";
            Sitting sitting = sittings.get(me.studio(), id);
            String until = words.date("date.day", time.now(me.studio()).plus(HomeLink.Kind.SHEET.openFor()));
            String own = letter.text() == null ? "" : letter.text().strip();
            String body = words.say(
                    "handover.letter",
                    sitting.client().firstName(),
                    own.isEmpty() ? words.say("handover.letter.words") : own,
                    opens,
                    until,
                    letter.enclosed() ? words.say("handover.letter.enclosed") : "",
                    wear,
                    me.name(),
                    me.studioName());
            String subject = words.say("handover.letter.subject", words.date("date.day", sitting.startsAt()));
            return outbox.put(
                    me,
                    id,
                    new Draft(sitting.clientName(), letter.address(), subject, body, letter.enclosed() ? sheet : null));
        });
    }

    private long keep(Member me, long id, How how, byte[] pdf) {
        sittings.hold(me.studio(), id);
        return mapper.add(me.studio(), id, me.artistId(), how.paper(), how.picture(), pdf);
    }

    /** Returns a sheet as it was handed over. */
    byte[] pdf(StudioId studio, long sheet) {
        HandoverMapper.Bytes pdf = mapper.pdf(studio, sheet);
        if (pdf == null) {
            throw new NotHere("sheet");
        }
        return pdf.bytes();
    }

    /** Returns whether anything was handed over, whether somebody has to look at a letter, and whether the client opened it. */
    Reached reached(StudioId studio, long id) {
        List<Letter> letters = outbox.of(studio, id);
        List<HomeLink> opens = links.open(studio, id, HomeLink.Kind.SHEET);
        if (letters.stream().anyMatch(l -> l.state().failed())) {
            return Reached.IN_TROUBLE;
        }
        if (opens.stream().anyMatch(l -> l.used() > 0)) {
            return Reached.OPENED;
        }
        if (letters.stream().anyMatch(Letter::waiting)) {
            return Reached.ON_ITS_WAY;
        }
        boolean given = letters.stream().anyMatch(l -> l.state() == Letter.State.SENT) || !opens.isEmpty();
        return given ? Reached.GIVEN : Reached.NOTHING;
    }

    /** How far it is. */
    enum Reached {
        NOTHING,
        ON_ITS_WAY,
        GIVEN,
        OPENED,
        IN_TROUBLE
    }
}
