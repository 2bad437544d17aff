package gyrotaxis.core.hair;

/** Hair was to be cut or split in a way that would let it fall apart. */
public final class HairCutException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public HairCutException(String message) {
        super(message);
    }
}
