package app.logismos.server.web;

import jakarta.servlet.DispatcherType;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Every address of the program's pages gives the one page that shows them all. */
@Configuration
class Pages implements WebMvcConfigurer {
    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        registry.addViewController("/").setViewName("forward:/index.html");
        registry.addViewController("/worksheet/{id}").setViewName("forward:/index.html");
    }

    /** This filter sees a request twice: on arrival, and again when its body is complete. */
    @Bean
    FilterRegistrationBean<WholeBodies> wholeBodies() {
        FilterRegistrationBean<WholeBodies> registration = new FilterRegistrationBean<>(new WholeBodies());
        registration.setDispatcherTypes(DispatcherType.REQUEST, DispatcherType.ASYNC);
        registration.setAsyncSupported(true);
        registration.setOrder(Ordered.HIGHEST_PRECEDENCE + 2);
        return registration;
    }
}
