package gyrotaxis.server.pictures;

/** A picture that is kept; sides in pixels. */
public record Picture(byte[] jpeg, int width, int height) {}
