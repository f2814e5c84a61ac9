package scree.app.web;

/** Something sent that no page of Scree sends: names the field and has a sentence with the way out. Becomes a 400. */
public class BadInput extends RuntimeException {
    private static final long serialVersionUID = 1;
    private final String field;
    private final String sentence;

    /**
     * @param field as in the address or form
     * @param sentence message key; its argument 0 is the field
     */
    public BadInput(String field, String sentence) {
        super(field + ": " + sentence);
        this.field = field;
        this.sentence = sentence;
    }

    /** Returns which field it is about. */
    public String field() {
        return field;
    }

    String sentence() {
        return sentence;
    }
}
