package gyrotaxis.server.audit;

import gyrotaxis.server.shared.CurrentMember;
import gyrotaxis.server.shared.Settings;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Keeps who did what, wherever a handler says what it is. On this machine alone there is nobody to tell apart. */
@Configuration(proxyBeanMethods = false)
class AuditInterceptor implements WebMvcConfigurer, HandlerInterceptor {
    private final AuditLog deeds;
    private final CurrentMember current;
    private final Settings settings;

    AuditInterceptor(AuditLog deeds, CurrentMember current, Settings settings) {
        this.deeds = deeds;
        this.current = current;
        this.settings = settings;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        if (settings.studio()) {
            registry.addInterceptor(this);
        }
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception failed) {
        Audited noted = handler instanceof HandlerMethod m ? m.getMethodAnnotation(Audited.class) : null;
        if (noted != null && response.getStatus() < HttpStatus.BAD_REQUEST.value()) {
            deeds.note(current.member(), noted.value(), subject(request), request.getRemoteAddr());
        }
    }

    private static Optional<UUID> subject(HttpServletRequest request) {
        Object path = request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
        Object id = path instanceof Map<?, ?> variables ? variables.get("id") : null;
        return Optional.ofNullable(id).map(i -> UUID.fromString(i.toString()));
    }
}
