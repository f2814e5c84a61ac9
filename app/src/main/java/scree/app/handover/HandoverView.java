package scree.app.handover;

import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.List;
import scree.app.homelink.HomeLink;
import scree.app.mail.Letter;
import scree.app.web.Words;

/** What was handed over, as the page says it. */
record HandoverView(List<Post> letters, List<Opened> links) {
    /**
     * A letter.
     *
     * @param said how far it is, with what is in the way
     * @param again whether it can be tried again
     * @param back whether it can be taken back
     */
    record Post(long id, String to, String address, String said, boolean failed, boolean again, boolean back) {}

    /** A link. */
    record Opened(long id, String said) {}

    static HandoverView of(Handovers.Told told, ZoneId zone, Words words) {
        return new HandoverView(
                told.letters().stream().map(l -> post(l, zone, words)).toList(),
                told.links().stream().map(l -> opened(l, zone, words)).toList());
    }

    private static Post post(Letter l, ZoneId zone, Words words) {
        OffsetDateTime when =
                l.endedAt() != null ? l.endedAt() : l.waiting() && l.tries() > 0 ? l.nextAt() : l.madeAt();
        String said = words.say(
                "letter.state." + (l.waiting() && l.tries() > 0 ? "AGAIN" : l.state()),
                words.date("date.moment", when.atZoneSameInstant(zone)),
                l.tries());
        String trouble = l.trouble() == null ? "" : " " + words.say("letter.trouble." + l.trouble());
        boolean there = l.waiting() || l.state().failed();
        return new Post(
                l.id(),
                words.say("letter.to", l.subject(), l.toAddress()),
                l.toAddress(),
                said + trouble,
                l.state().failed(),
                l.state().failed() || l.tries() > 0 && l.waiting(),
                there);
    }

    private static Opened opened(HomeLink l, ZoneId zone, Words words) {
        String until = words.date("date.until", l.expiresAt().atZoneSameInstant(zone));
        String seen = l.used() == 0
                ? words.say("handover.link.unopened")
                : words.say(
                        "handover.link.opened",
                        l.used(),
                        words.date("date.moment", l.usedAt().atZoneSameInstant(zone)));
        return new Opened(l.id(), words.say("handover.link.until", until, seen));
    }
}
