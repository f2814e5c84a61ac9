package scree.app.remote;

/**
 * The picture that a client tried last, before anything was sent: no page of the studio reaches it.
 *
 * @param scale pixels of the stored picture over those that the browser saw, in millionths
 * @param search what the client's browser found, as it wrote it
 */
record RemoteTry(String sha256, byte[] jpeg, byte[] thumb, String camera, int scale, String search) {}
