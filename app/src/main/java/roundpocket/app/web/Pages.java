package roundpocket.app.web;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;
import org.springframework.web.servlet.resource.ResourceTransformerChain;
import org.springframework.web.servlet.resource.TransformedResource;
import roundpocket.app.home.HomeKeeper;

/** Serves the built front end; a path of one of its places gets the one page. */
@Configuration(proxyBeanMethods = false)
class Pages implements WebMvcConfigurer {
    private static final String PLACE = "__NONCE__";
    private static final String HOME = "__HOME__";
    private static final String WHERE = "classpath:/META-INF/resources/";

    private final Doors doors;
    private final HomeKeeper home;

    Pages(Doors doors, HomeKeeper home) {
        this.doors = doors;
        this.home = home;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(doors);
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations(WHERE + "assets/")
                .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable());
        // Not kept by the browser: the page names the nonce of this one answer.
        registry.addResourceHandler("/**")
                .addResourceLocations(WHERE)
                .setCacheControl(CacheControl.noStore())
                .resourceChain(false)
                .addResolver(new OnePage())
                .addTransformer(this::withNonce);
    }

    private Resource withNonce(HttpServletRequest request, Resource file, ResourceTransformerChain chain)
            throws IOException {
        if (!"index.html".equals(file.getFilename())) {
            return file;
        }
        String page = file.getContentAsString(StandardCharsets.UTF_8)
                .replace(PLACE, Nonce.of(request))
                .replace(HOME, home.id());
        return new ThisPage(file, page.getBytes(StandardCharsets.UTF_8));
    }

    /** Never the same as one before. */
    private static final class ThisPage extends TransformedResource {
        ThisPage(Resource file, byte[] page) {
            super(file, page);
        }

        @Override
        public long lastModified() {
            return -1;
        }
    }

    private static final class OnePage extends PathResourceResolver {
        @Override
        protected @Nullable Resource getResource(String path, Resource location) throws IOException {
            Resource file = super.getResource(path, location);
            boolean place = !path.regionMatches(true, 0, "api/", 0, 4) && !path.contains(".");
            return file == null && place ? super.getResource("index.html", location) : file;
        }
    }
}
