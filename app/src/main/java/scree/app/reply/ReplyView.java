package scree.app.reply;

import java.time.ZoneId;
import java.util.List;
import scree.app.kit.Product;
import scree.app.look.Stones;
import scree.app.skin.SkinWords;
import scree.core.colour.Srgb;

/** An answer to a picture from home, as the artist's page shows it. */
record ReplyView(
        String verdict,
        String trust,
        List<Row> rows,
        String unsure,
        String words,
        boolean undoable,
        boolean redoable,
        boolean sendable,
        List<Before> sent) {
    /**
     * One part.
     *
     * @param none what there is to say where the kit has nothing, or null
     * @param near null where no colour can be told
     */
    record Row(ReplyPart part, String name, boolean left, boolean byHand, String none, List<Stone> stones, Near near) {}

    /** A product as a stone. */
    record Stone(long id, String path, String hex, String name, String why, boolean chosen) {}

    /** Any shade near a colour. */
    record Near(String hex, String words, String sought, boolean chosen) {}

    /** An answer that was sent. */
    record Before(String head, List<Item> items, List<Told> told) {}

    /** A thing that it named. */
    record Item(String hex, String name) {}

    /** What the client told of it. */
    record Told(String head, List<String> lines) {}

    private static final Stones STONES = new Stones();
    private static final int STONE_X = 22;
    private static final int STONE_Y = 18;
    private static final int STONE_R = 15;

    static ReplyView of(Replies.Told told, ZoneId zone, ReplyWords words, SkinWords skin) {
        TakenReply now = told.now();
        boolean read = now.reading() != null;
        return new ReplyView(
                read ? skin.verdict(now.reading()) : null,
                read ? words.unsure(now) : null,
                now.parts().stream().map(s -> row(s, words)).toList(),
                now.sheet().unsure(),
                now.sheet().words(),
                now.undoable(),
                now.redoable(),
                now.parts().stream().anyMatch(TakenReply.Standing::named),
                told.sent().stream().map(s -> before(s, zone, words)).toList());
    }

    private static Row row(TakenReply.Standing s, ReplyWords words) {
        List<Stone> stones = s.offers().stream()
                .map(o -> {
                    Product p = o.product();
                    return new Stone(
                            p.id(),
                            STONES.pebble(p.stoneId(), STONE_X, STONE_Y, STONE_R),
                            Srgb.hex(p.settled()),
                            p.fullName(),
                            words.why(s.part(), o),
                            s.chosen().contains(o));
                })
                .toList();
        Near near =
                s.colour() == null ? null : new Near(Srgb.hex(s.colour()), words.near(s), words.sought(s), s.near());
        boolean bare = s.chosen().isEmpty();
        return new Row(
                s.part(), words.part(s.part()), s.left(), s.byHand(), bare ? words.none(s.part()) : null, stones, near);
    }

    private static Before before(Replies.Sent sent, ZoneId zone, ReplyWords words) {
        return new Before(
                words.say(
                        "reply.before", words.date("date.moment", sent.madeAt().atZoneSameInstant(zone)), sent.by()),
                sent.reply().items().stream()
                        .map(i -> new Item(i.hex(), i.name()))
                        .toList(),
                sent.fits().stream()
                        .map(f -> new Told(
                                words.say(
                                        "reply.told.head",
                                        words.date("date.moment", f.toldAt().atZoneSameInstant(zone))),
                                words.told(sent.reply(), f)))
                        .toList());
    }
}
