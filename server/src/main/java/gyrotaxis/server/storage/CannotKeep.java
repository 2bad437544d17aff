package gyrotaxis.server.storage;

import org.springframework.dao.TransientDataAccessResourceException;

/** Something could not be kept because there is no place for it. The message says why, and what to do. */
final class CannotKeep extends TransientDataAccessResourceException {
    private static final long serialVersionUID = 1L;

    CannotKeep(String why) {
        super(why);
    }
}
