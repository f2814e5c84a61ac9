package scree.standins.face;

/** The edge of a face as one hand draws it: half widths as shares of the cheek's. */
interface EdgeLine {
    /** Returns the length from hairline to chin over the width of the cheeks. */
    double lengthToWidth();

    /** Returns the half width at a share of the way from the cheekbone down to the chin. */
    double below(double u);

    /** Returns the half width at a share of the way from the cheekbone up to the temple and beyond. */
    double above(double u);
}
