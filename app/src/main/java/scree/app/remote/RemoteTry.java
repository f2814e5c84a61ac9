package scree.app.remote;

/**
 * The picture that a client tried last, before anything was sent: no page of the studio reaches it.
 *
 * @param faces how many faces the client's browser found
 * @param mesh JSON of x, y, x, y… in pixels of the stored picture
 */
record RemoteTry(String sha256, byte[] jpeg, byte[] thumb, String camera, int faces, String mesh) {}
