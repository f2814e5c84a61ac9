package scree.core.shade;

/** What a product is for, in the order of the work. What a new one is made as, how it looks and hides are usual values to start from. */
public enum Role {
    SKIN_CARE(Form.CREAM, Finish.DEWY, Usual.CLEAR, Laid.CLEAR),
    PRIMER(Form.GEL, Finish.SATIN, Usual.CLEAR, Laid.CLEAR),
    BASE(Form.LIQUID, Finish.SATIN, 0.75, Laid.FULL),
    CONCEALER(Form.CREAM, Finish.SATIN, 0.90, Laid.FULL),
    CORRECTOR(Form.CREAM, Finish.SATIN, 0.75, Laid.FULL),
    BRIGHTENER(Form.CREAM, Finish.SATIN, 0.55, Laid.FULL),
    CONTOUR(Form.CREAM, Finish.MATTE, 0.40, Laid.THIN),
    BRONZER(Form.POWDER, Finish.MATTE, 0.25, Laid.THIN),
    BLUSH(Form.POWDER, Finish.SATIN, 0.25, Laid.THIN),
    HIGHLIGHT(Form.POWDER, Finish.SHEEN, 0.06, Laid.THIN),
    POWDER(Form.POWDER, Finish.MATTE, 0.05, Laid.THIN),
    MIXER(Form.DROPS, Finish.SATIN, 0.90, Laid.FULL),
    LIP(Form.CREAM, Finish.SATIN, 0.60, Laid.FULL),
    LIP_LINER(Form.PENCIL, Finish.MATTE, 0.80, Laid.FULL),
    LIP_STAIN(Form.LIQUID, Finish.MATTE, 0.25, Laid.THIN),
    LIP_GLOSS(Form.GEL, Finish.DEWY, 0.10, Laid.THIN),
    LID(Form.POWDER, Finish.MATTE, 0.40, Laid.THIN),
    LINER(Form.PENCIL, Finish.MATTE, 0.97, Laid.FULL),
    MASCARA(Form.GEL, Finish.SATIN, 0.97, Laid.FULL),
    BROW(Form.PENCIL, Finish.MATTE, 0.50, Laid.THIN),
    SPRAY(Form.MIST, Finish.SATIN, Usual.CLEAR, Laid.CLEAR),
    TOOL(Form.OBJECT, Finish.MATTE, Usual.CLEAR, Laid.CLEAR);

    /** How much of its own colour one usual coat tells. */
    private enum Laid {
        FULL,
        THIN,
        /** None: it is laid for what it does. */
        CLEAR
    }

    private static final class Usual {
        /** The least contrast ratio that a product can have: as good as nothing. */
        private static final double CLEAR = 0.02;
    }

    private final Form form;
    private final Finish finish;
    private final double contrast;
    private final Laid laid;

    Role(Form form, Finish finish, double contrast, Laid laid) {
        this.form = form;
        this.finish = finish;
        this.contrast = contrast;
        this.laid = laid;
    }

    /** Returns whether one usual coat is too thin to tell its own colour: it is laid twice on a swatch sheet, usual and thick. */
    public boolean laidThin() {
        return laid == Laid.THIN;
    }

    /** Returns whether its products mostly have no colour of their own. */
    public boolean mostlyClear() {
        return laid == Laid.CLEAR;
    }

    /** Returns whether it is laid at the eye, where what is not said to be safe there has no place. */
    public boolean atTheEye() {
        return this == LID || this == LINER || this == MASCARA || this == BROW;
    }

    /** Returns whether it is a thing, not a substance: nothing of colour, cover or carrier can be asked. */
    public boolean thing() {
        return this == TOOL;
    }

    /** Returns what it is mostly made as. */
    public Form usualForm() {
        return form;
    }

    /** Returns how it mostly looks. */
    public Finish usualFinish() {
        return finish;
    }

    /** Returns the contrast ratio that one coat mostly has; about one coat is then the wanted effect. */
    public double usualContrast() {
        return contrast;
    }
}
