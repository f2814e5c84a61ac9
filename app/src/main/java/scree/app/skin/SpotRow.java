package scree.app.skin;

/** A free spot's colours as stored; what and where it is stands in the face. */
record SpotRow(
        long readingId, int spot, double labL, double labA, double labB, double roundL, double roundA, double roundB) {}
