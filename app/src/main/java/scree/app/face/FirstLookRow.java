package scree.app.face;

/**
 * What is stored of a first look.
 *
 * @param mesh 468 triples parted by commas, or null when there is no face or the points were laid by hand
 * @param said codes with their figures, parted by blanks
 */
record FirstLookRow(long pictureId, String mesh, String said) {}
