/** Which shape of answers this build understands: the fingerprint of the API document. */
declare const __BUILD__: string;
