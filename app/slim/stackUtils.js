/** What a stack without headers, toolbars and guards of its own asks of the router's helpers. */
export const validateStackPresentation = (options) => options;
export const mapProtectedScreen = (props) => props;
