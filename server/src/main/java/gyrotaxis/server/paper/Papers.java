package gyrotaxis.server.paper;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import gyrotaxis.server.text.WrittenText;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Locale;
import java.util.Map;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;
import org.thymeleaf.TemplateEngine;
import org.thymeleaf.context.Context;
import org.thymeleaf.templatemode.TemplateMode;
import org.thymeleaf.templateresolver.ClassLoaderTemplateResolver;

/**
 * Writes pages as PDF: tagged, so that readers can be told what is a heading and what a table, and with the fonts that the front end ships, which
 * have the letters of most names.
 */
@Component
public class Papers {
    /** As the page's own build names them; a part of its name changes with what is in it. */
    private static final String PLAIN = "classpath*:static/assets/DejaVuSansCondensed-????????.ttf";

    private static final String BOLD = "classpath*:static/assets/DejaVuSansCondensed-Bold-????????.ttf";
    private static final String FAMILY = "Paper";
    private static final int USUAL = 400;
    private static final int HEAVY = 700;

    private final TemplateEngine templates = new TemplateEngine();

    private final TemplateEngine drawings = new TemplateEngine();

    Papers() {
        templates.setTemplateResolver(found(".xhtml", TemplateMode.HTML));
        drawings.setTemplateResolver(found(".svg", TemplateMode.XML));
        XRLog.setLoggingEnabled(false);
    }

    private static ClassLoaderTemplateResolver found(String suffix, TemplateMode mode) {
        ClassLoaderTemplateResolver found = new ClassLoaderTemplateResolver();
        found.setPrefix("papers/");
        found.setSuffix(suffix);
        found.setTemplateMode(mode);
        found.setCharacterEncoding("UTF-8");
        return found;
    }

    /**
     * A drawing, SVG.
     *
     * @param template which, of those under {@code papers}
     * @param values what is written into it; whatever is text is written as such
     */
    public String svg(String template, Map<String, Object> values) {
        return WrittenText.fit(drawings.process(template, new Context(Locale.UK, values)));
    }

    /**
     * A paper.
     *
     * @param template which, of those under {@code papers}
     * @param values what is written into it; whatever is text is written as such
     * @return as many pages as it takes, PDF
     */
    public byte[] pdf(String template, Map<String, Object> values) {
        // What an earlier version let in must not keep a paper from being written.
        String page = WrittenText.fit(templates.process(template, new Context(Locale.UK, values)));
        ByteArrayOutputStream pdf = new ByteArrayOutputStream();
        try {
            PdfRendererBuilder builder = new PdfRendererBuilder();
            builder.useFont(() -> font(PLAIN), FAMILY, USUAL, FontStyle.NORMAL, true);
            builder.useFont(() -> font(BOLD), FAMILY, HEAVY, FontStyle.NORMAL, true);
            builder.usePdfUaAccessibility(true);
            builder.useFastMode();
            builder.useSVGDrawer(new BatikSVGDrawer());
            builder.withHtmlContent(page, null);
            builder.toStream(pdf);
            builder.run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return pdf.toByteArray();
    }

    private static InputStream font(String pattern) {
        try {
            Resource[] found = new PathMatchingResourcePatternResolver().getResources(pattern);
            if (found.length == 0) {
                throw new IllegalStateException("there is no font like " + pattern);
            }
            return found[0].getInputStream();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
