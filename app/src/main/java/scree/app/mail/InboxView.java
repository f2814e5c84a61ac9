package scree.app.mail;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A letter of the stand-in's inbox as its page shows it. */
record InboxView(
        long id,
        String from,
        String replyTo,
        String to,
        String subject,
        Instant at,
        List<Piece> text,
        List<String> files) {
    private static final Pattern ADDRESS = Pattern.compile("https?://\\S+");

    /** A run of text; an address where it is one. */
    record Piece(String words, boolean address) {}

    static InboxView of(StandInInbox.Arrived l) {
        return new InboxView(
                l.id(),
                l.from(),
                l.replyTo(),
                l.to(),
                l.subject(),
                l.at(),
                pieces(l.text()),
                l.files().stream().map(StandInInbox.Enclosed::name).toList());
    }

    static List<Piece> pieces(String text) {
        List<Piece> pieces = new ArrayList<>();
        Matcher addresses = ADDRESS.matcher(text);
        int from = 0;
        while (addresses.find()) {
            pieces.add(new Piece(text.substring(from, addresses.start()), false));
            pieces.add(new Piece(addresses.group(), true));
            from = addresses.end();
        }
        pieces.add(new Piece(text.substring(from), false));
        return pieces;
    }
}
