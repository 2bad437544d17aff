package gyrotaxis.server.audit;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** On a request's handler: that it was answered well is kept as somebody's deed; {@code id} in its path says of what. */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface Audited {
    /** What it is. */
    AuditAction value();
}
