package scree.app.face;

import scree.core.face.FacePoints;
import scree.core.face.FaceReading;

/** A face as it stands: kept sheet, its points and what they read. */
public record TakenFace(
        FaceSheet sheet, FacePoints points, FaceReading reading, int seq, boolean undoable, boolean redoable) {}
