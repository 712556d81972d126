/**
 * Colours of light at Y = 1 on BT.709 primaries, by colour temperature: daylight phases and black
 * bodies. Written out, because a place is compiled without the spectral tables; a test holds them
 * to light.ts.
 */

export const DAY_4200_R = 1.3355585535268224;
export const DAY_4200_G = 0.9463684799562108;
export const DAY_4200_B = 0.5426462329124526;

export const DAY_5000_R = 1.1756782855174652;
export const DAY_5000_G = 0.9759221318487808;
export const DAY_5000_B = 0.7209189526279305;

export const DAY_5200_R = 1.1448472031486299;
export const DAY_5200_G = 0.9809014450425304;
export const DAY_5200_B = 0.7624287197040516;

export const DAY_5300_R = 1.1304974370599827;
export const DAY_5300_G = 0.9831256528440163;
export const DAY_5300_B = 0.7826733830539654;

export const DAY_5400_R = 1.116799779330213;
export const DAY_5400_G = 0.9851907665536768;
export const DAY_5400_B = 0.8025729233503667;

export const DAY_5800_R = 1.0677767633583815;
export const DAY_5800_G = 0.9920869529069888;
export const DAY_5800_B = 0.8786940422786997;

export const DAY_6000_R = 1.0462714580293326;
export const DAY_6000_G = 0.994850767980271;
export const DAY_6000_B = 0.9146766702157716;

export const DAY_7000_R = 0.9610911656012192;
export const DAY_7000_G = 1.0040209605719561;
export const DAY_7000_B = 1.0748076325169555;

export const DAY_7600_R = 0.9229128127333688;
export const DAY_7600_G = 1.0070983955157533;
export const DAY_7600_B = 1.1568119932764453;

export const DAY_8200_R = 0.891558528750144;
export const DAY_8200_G = 1.0090882986302723;
export const DAY_8200_B = 1.22948426657365;

export const DAY_9500_R = 0.8398668772039063;
export const DAY_9500_G = 1.011212886746419;
export const DAY_9500_B = 1.360748650718901;

export const DAY_10500_R = 0.8104299448953691;
export const DAY_10500_G = 1.0117278021637153;
export const DAY_10500_B = 1.4423862446115026;

export const DAY_11000_R = 0.7980964015563067;
export const DAY_11000_G = 1.0117842494039064;
export const DAY_11000_B = 1.4781692915976954;

export const DAY_14000_R = 0.7454803103931799;
export const DAY_14000_G = 1.0109063929671744;
export const DAY_14000_B = 1.6419076341383227;

export const DAY_15000_R = 0.733357257029311;
export const DAY_15000_G = 1.0104358958680175;
export const DAY_15000_B = 1.6822917186870026;

export const GLOW_2600_R = 1.9980509907922024;
export const GLOW_2600_G = 0.7874538844027962;
export const GLOW_2600_B = 0.16514661315265378;
