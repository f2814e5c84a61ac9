package scree.app.mail;

/**
 * A letter as a feature writes it.
 *
 * @param toName who it is to
 * @param toAddress an address; anything that is none is refused when it is sent, and told
 * @param body plain text
 * @param sheet a handed-over sheet that goes along, or null
 */
public record Draft(String toName, String toAddress, String subject, String body, Long sheet) {
    /** Longest of an address. */
    public static final int LONGEST_ADDRESS = 200;
    /** Longest of a body, with what is added to what an artist typed. */
    public static final int LONGEST_BODY = 8000;

    private static final int LONGEST_SUBJECT = 200;

    /** Returns the same with nothing in its head that could begin another line of it. */
    Draft safe() {
        return new Draft(
                line(toName), line(toAddress), cut(line(subject), LONGEST_SUBJECT), cut(body, LONGEST_BODY), sheet);
    }

    private static String line(String text) {
        return text.replaceAll("\\p{Cntrl}+", " ").strip();
    }

    private static String cut(String text, int most) {
        return text.length() <= most ? text : text.substring(0, most);
    }
}
