package gyrotaxis.server.shared;

import jakarta.servlet.http.HttpServletRequest;

/** Tells who signed in before anything else looks at a request. */
public interface SignInCheck {
    /** Whether the request comes from somebody who signed in; always where nobody has to. */
    boolean isSignedIn(HttpServletRequest request);
}
