package scree.app.reply;

import java.util.List;

/**
 * An answer as it was sent, in the words that the client read.
 *
 * @param version of this form
 * @param skin how the skin was read
 * @param unsure what is unsure, or null
 * @param words to the client, or null
 */
record SentReply(int version, String skin, List<Item> items, String unsure, String words) {
    static final int VERSION = 1;

    SentReply {
        if (version != VERSION) {
            throw new IllegalArgumentException("an answer of another version");
        }
        items = List.copyOf(items);
    }

    /**
     * Something that was named.
     *
     * @param product of the kit then, null for any shade near the colour
     * @param name of the product, or what to look for
     * @param hex its colour on a screen
     * @param why in plain words
     */
    record Item(ReplyPart part, Long product, String name, String hex, String why) {}
}
