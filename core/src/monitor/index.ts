export * from './ladderScale';
export * from './lightSurvey';
export * from './marks';
export * from './monitorPass';
export * from './rawStatistics';
