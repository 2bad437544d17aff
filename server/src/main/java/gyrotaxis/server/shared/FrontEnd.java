package gyrotaxis.server.shared;

import java.io.IOException;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;
import org.springframework.web.servlet.resource.PathResourceResolver;

/**
 * Serves the built front end; every path that is neither a file nor the API shows the one page, which finds its place by
 * the address.
 */
@Configuration(proxyBeanMethods = false)
class FrontEnd implements WebMvcConfigurer {
    private static final Duration A_YEAR = Duration.ofDays(365);

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(A_YEAR).cachePublic().immutable())
                .resourceChain(true)
                // The build wrote a compressed file beside each; nothing is compressed while somebody waits.
                .addResolver(new EncodedResourceResolver());
        registry.addResourceHandler("/**")
                .addResourceLocations("classpath:/static/")
                .setCacheControl(CacheControl.noCache())
                .resourceChain(true)
                .addResolver(new OnePage());
    }

    private static final class OnePage extends PathResourceResolver {
        @Override
        protected @Nullable Resource getResource(String path, Resource location) throws IOException {
            Resource file = super.getResource(path, location);
            if (file != null) {
                return file;
            }
            boolean isPlace = !path.startsWith("api/")
                    && !path.startsWith("actuator/")
                    && !path.substring(path.lastIndexOf('/') + 1).contains(".");
            Resource page = new ClassPathResource("static/index.html");
            return isPlace && page.exists() ? page : null;
        }
    }
}
